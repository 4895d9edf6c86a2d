/** Who presses whom. */
package org.pelluna.app.company;
