package org.pelluna.app.operate;

/**
 * What one round of housekeeping deleted.
 *
 * @param keepers accounts whose week of grace was over, with everything in them
 * @param tanks tanks removed a month ago
 * @param drafts tables brought two weeks ago
 * @param rest counts of guesses, links that ended, devices not seen for a year, letters
 */
public record CleanupResult(int keepers, int tanks, int drafts, int rest) {}
