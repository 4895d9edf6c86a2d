/** The approaches a keeper follows, the presets, and the rules that do not count in a tank. */
package org.pelluna.app.rules;
