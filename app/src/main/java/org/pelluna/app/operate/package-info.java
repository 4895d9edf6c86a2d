/** What an operator needs: work by schedule, and commands over keepers. */
package org.pelluna.app.operate;
