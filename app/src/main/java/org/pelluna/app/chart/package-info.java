/** Parts of charts over time: one axis, and panels that share it. */
package org.pelluna.app.chart;
