/** Plans out to open files and in again. */
package org.pelluna.app.exchange;
