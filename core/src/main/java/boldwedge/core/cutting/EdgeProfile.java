package boldwedge.core.cutting;

/**
 * The cutting edge seen square to the cut, in use: a nose arc that runs tangentially into a leading and a trailing straight
 * edge. Abscissa u runs along the finished surface, positive ahead of the feed, zero under the nose's centre; ordinate is
 * the height above the lowest point of the nose; mm.
 *
 * @param noseRadiusMm nose radius, mm; 0 for a sharp corner
 * @param leading angle between the leading edge and the feed direction (κr), radians; over 90° when past square
 * @param trailing angle between the trailing edge and the finished surface (κr'), radians
 */
public record EdgeProfile(double noseRadiusMm, double leading, double trailing) {

    /** Height of the edge above the lowest point of the nose, ahead of it (u ≥ 0) or behind (u &lt; 0), mm. */
    public double heightAt(double u) {
        double r = noseRadiusMm;
        if (u >= 0) {
            double end = r * Math.sin(Math.min(leading, Math.PI / 2));
            if (u <= end) {
                return r - Math.sqrt(Math.max(0, r * r - u * u));
            }
            return r * (1 - Math.cos(Math.min(leading, Math.PI / 2))) + (u - end) * Math.tan(Math.min(leading, 1.57));
        }
        double v = -u;
        double end = r * Math.sin(Math.max(0, trailing));
        if (v <= end) {
            return r - Math.sqrt(Math.max(0, r * r - v * v));
        }
        return r * (1 - Math.cos(Math.max(0, trailing))) + (v - end) * Math.tan(Math.max(0, trailing));
    }
}
