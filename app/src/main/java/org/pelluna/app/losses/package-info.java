/** The record of losses. */
package org.pelluna.app.losses;
