/** The demo keeper with invented tanks, and what a server practises on after its start. */
package org.pelluna.app.demo;
