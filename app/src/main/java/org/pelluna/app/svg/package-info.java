/** The one way in which a drawing is written: what a keeper wrote can never become markup. */
package org.pelluna.app.svg;
