/** Fish and tanks drawn as SVG from their data. */
package org.pelluna.app.portrait;
