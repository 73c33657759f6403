package boldwedge.core.ask;

import boldwedge.core.finding.Station;

/**
 * A computed number.
 *
 * @param id stable name
 * @param label what it is
 * @param station where it belongs
 * @param value the number in the unit named: mm, N, deg, W, rpm, m/min, mm/rev, µm, min, 1
 * @param unit that unit
 * @param text as the maker reads it, in the units asked for
 */
public record Figure(String id, String label, Station station, double value, String unit, String text) {}
