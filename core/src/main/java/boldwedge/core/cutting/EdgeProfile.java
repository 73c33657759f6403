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
        return outline().heightAt(u);
    }

    /** The same edge with its joints worked out, for whoever asks for many heights. */
    public Outline outline() {
        double lead = Math.min(leading, Math.PI / 2);
        double trail = Math.max(0, trailing);
        return new Outline(
                noseRadiusMm,
                noseRadiusMm * Math.sin(lead),
                noseRadiusMm * (1 - Math.cos(lead)),
                leading < Math.PI / 2 ? Math.tan(leading) : Double.POSITIVE_INFINITY,
                noseRadiusMm * Math.sin(trail),
                noseRadiusMm * (1 - Math.cos(trail)),
                Math.tan(trail));
    }

    /**
     * Where two marks a feed apart meet.
     *
     * @param peakMm height of the cusp over the finished surface
     * @param aheadMm how far ahead of the nose it is
     * @param belowMm2 area of the work that one feed leaves standing under the marks
     */
    public record Meeting(double peakMm, double aheadMm, double belowMm2) {}

    /** Arc up to the joint on each side, then the straight edge. */
    public record Outline(
            double r,
            double leadJoint,
            double leadHeight,
            double leadSlope,
            double trailJoint,
            double trailHeight,
            double trailSlope) {
        public double heightAt(double u) {
            double away = Math.abs(u);
            double joint = u >= 0 ? leadJoint : trailJoint;
            if (away <= joint) {
                return r - Math.sqrt(Math.max(0, r * r - u * u));
            }
            if (u >= 0 && Double.isInfinite(leadSlope)) {
                return away > joint ? Double.POSITIVE_INFINITY : leadHeight;
            }
            return u >= 0 ? leadHeight + (away - joint) * leadSlope : trailHeight + (away - joint) * trailSlope;
        }

        /** Area under the edge from the nose's lowest point to u, in closed form, mm²; negative behind the nose. */
        public double areaTo(double u) {
            double away = Math.abs(u);
            double joint = u >= 0 ? leadJoint : trailJoint;
            double onArc = Math.min(away, joint);
            double area = r <= 0
                    ? 0
                    : r * onArc
                            - (onArc * Math.sqrt(Math.max(0, r * r - onArc * onArc))
                                            + r * r * Math.asin(Math.min(1, onArc / r)))
                                    / 2;
            if (away > joint) {
                double past = away - joint;
                area += u >= 0
                        ? past * (leadHeight + past * leadSlope / 2)
                        : past * (trailHeight + past * trailSlope / 2);
            }
            return u >= 0 ? area : -area;
        }

        /** Where the mark of one turn meets the mark of the turn before, a feed behind it. */
        public Meeting meeting(double feed) {
            if (trailSlope <= 0 && trailJoint <= 0) {
                return new Meeting(0, 0, 0);
            }
            // Both sides rise from the nose, so their reaches at one height add up to a feed at the peak and nowhere
            // else.
            double low = 0;
            double high = Math.min(heightAt(feed), heightAt(-feed));
            for (int i = 0; i < 48 && high - low > 1e-13; i++) {
                double middle = (low + high) / 2;
                if (reachAt(middle, true) + reachAt(middle, false) < feed) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            double peak = (low + high) / 2;
            double ahead = Math.min(feed, reachAt(peak, true));
            return new Meeting(peak, ahead, areaTo(ahead) - areaTo(ahead - feed));
        }

        /** How far from the nose's lowest point the edge reaches a height, mm; ahead of it or behind it, both positive. */
        public double reachAt(double height, boolean ahead) {
            double jointHeight = ahead ? leadHeight : trailHeight;
            if (height <= jointHeight) {
                return Math.sqrt(Math.max(0, height * (2 * r - height)));
            }
            double slope = ahead ? leadSlope : trailSlope;
            return (ahead ? leadJoint : trailJoint) + (height - jointHeight) / slope;
        }
    }
}
