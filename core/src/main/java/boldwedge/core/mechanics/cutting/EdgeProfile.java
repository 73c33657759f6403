package boldwedge.core.mechanics.cutting;

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
            double peak = peak(feed);
            double ahead = Math.min(feed, reachAt(peak, true));
            return new Meeting(peak, ahead, areaTo(ahead) - areaTo(ahead - feed));
        }

        /**
         * Height at which the reaches ahead and behind add up to a feed: both rise from the nose, so there is one. Where it lies on two
         * arcs, an arc and a straight edge, or two straight edges follows from what they add up to at the joints.
         */
        private double peak(double feed) {
            if (leadSlope <= 0) {
                return 0;
            }
            boolean leadLower = leadHeight <= trailHeight;
            double lower = leadLower ? leadHeight : trailHeight;
            double upper = leadLower ? trailHeight : leadHeight;
            if (feed <= reachAt(lower, true) + reachAt(lower, false)) {
                double half = feed / 2;
                return half * half / (r + Math.sqrt(Math.max(0, r * r - half * half)));
            }
            if (feed <= reachAt(upper, true) + reachAt(upper, false)) {
                // √(h(2r − h)) = w − h/s, w what the straight edge would leave of the feed at no height.
                double flat = 1 / (leadLower ? leadSlope : trailSlope);
                double w = feed - (leadLower ? leadJoint : trailJoint) + lower * flat;
                double half = r + w * flat;
                return w * w / (half + Math.sqrt(Math.max(0, half * half - (1 + flat * flat) * w * w)));
            }
            double past = feed - leadJoint - trailJoint + leadHeight / leadSlope + trailHeight / trailSlope;
            return past / (1 / leadSlope + 1 / trailSlope);
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
