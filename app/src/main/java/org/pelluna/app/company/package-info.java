/** Who attacks whom. */
package org.pelluna.app.company;
