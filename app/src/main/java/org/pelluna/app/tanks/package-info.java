/** The tanks of a keeper, and one tank's profile and house rules. */
package org.pelluna.app.tanks;
