/** JMH measurements of the core; run with {@code ./pelluna bench}. */
package org.pelluna.benchmarks;
