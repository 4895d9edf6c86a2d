/**
 * Tables in and out: CSV (RFC 4180) with columns matched by name, faults told row by row, and rows that are here already
 * recognised.
 */
@NullMarked
package org.pelluna.core.table;

import org.jspecify.annotations.NullMarked;
