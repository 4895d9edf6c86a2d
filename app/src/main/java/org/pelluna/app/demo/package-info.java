/** The demo keeper with two invented tanks. */
package org.pelluna.app.demo;
