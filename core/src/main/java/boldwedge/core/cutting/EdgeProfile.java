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
                Math.tan(Math.min(leading, 1.57)),
                noseRadiusMm * Math.sin(trail),
                noseRadiusMm * (1 - Math.cos(trail)),
                Math.tan(trail));
    }

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
