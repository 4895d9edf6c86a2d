/** The words of Pelluna, each with its one meaning. */
package org.pelluna.app.glossary;
