/** The shop card: may I buy this one today? */
package org.pelluna.app.shop;
