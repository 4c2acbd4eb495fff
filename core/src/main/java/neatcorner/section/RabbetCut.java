package neatcorner.section;

import neatcorner.measure.Angle;

/**
 * The places on the stick's end where a rabbet turns: the inner edge of its floor, the foot of its wall, and where the wall
 * comes out of the stick. Square to the stick, or tilted against it.
 *
 * @param floor the inner edge of the floor, on the sight edge; past it, on the front, where the cut takes the sight edge off
 * @param foot  where floor and wall meet
 * @param top   where the wall ends, at the back or on the sight edge; the foot itself when that lies outside the stick
 */
record RabbetCut(Spot floor, Spot foot, Spot top) {

    /** Of the part of a section's rabbet that carries the front of the pack. */
    static RabbetCut front(Section section) {
        return of(section, section.rabbet().width().toMm(), section.rabbet().depth().toMm());
    }

    /** Of the second step. */
    static RabbetCut step(Section section, Rabbet.Step step) {
        double floor = frontFloor(section);
        RabbetCut cut = of(section, 0, step.depth().toMm());
        Angle tilt = section.rabbet().tilt();
        Spot inner = at(tilt, floor + section.rabbet().width().toMm(), level(tilt, cut.floor));
        Spot foot = at(tilt, floor + step.width().toMm(), level(tilt, cut.floor));
        return new RabbetCut(inner, foot, top(section, tilt, foot));
    }

    /** How far out the front floor begins, across the cut. */
    static double frontFloor(Section section) {
        return out(section.rabbet().tilt(), front(section).floor);
    }

    private static RabbetCut of(Section section, double width, double depth) {
        Angle tilt = section.rabbet().tilt();
        double t = section.thickness().toMm();
        double level = t * tilt.cos() - depth;
        Spot floor = !section.rabbet().isTilted()
                ? new Spot(0, t - depth)
                : level >= 0 ? new Spot(0, level / tilt.cos()) : new Spot(-level / tilt.sin(), 0);
        Spot foot = at(tilt, out(tilt, floor) + width, level);
        return new RabbetCut(floor, foot, top(section, tilt, foot));
    }

    private static Spot top(Section section, Angle tilt, Spot foot) {
        double w = section.width().toMm();
        double t = section.thickness().toMm();
        if (foot.x() < 0 || foot.x() > w || foot.y() < 0 || foot.y() > t) {
            return foot;
        }
        double up = Math.min(tilt.cos() < 1e-9 ? Double.MAX_VALUE : (t - foot.y()) / tilt.cos(),
                tilt.sin() < 1e-9 ? Double.MAX_VALUE : foot.x() / tilt.sin());
        return new Spot(foot.x() - up * tilt.sin(), foot.y() + up * tilt.cos());
    }

    /** A place told across the cut and square to it, on the stick's end. */
    static Spot at(Angle tilt, double out, double level) {
        return new Spot(out * tilt.cos() - level * tilt.sin(), out * tilt.sin() + level * tilt.cos());
    }

    /** How far out a place lies when the stick is tilted by so much: in the plane of the frame, from its sight edge. */
    static double out(Angle tilt, Spot spot) {
        return spot.x() * tilt.cos() + spot.y() * tilt.sin();
    }

    /** How far behind the sight edge a place lies when the stick is tilted by so much. */
    static double level(Angle tilt, Spot spot) {
        return spot.y() * tilt.cos() - spot.x() * tilt.sin();
    }

    /** How much wood stands in a direction before the stick ends. */
    static double wood(Section section, Spot from, double dx, double dy) {
        double across = dx > 1e-9 ? (section.width().toMm() - from.x()) / dx : Double.MAX_VALUE;
        double back = dy > 1e-9
                ? (section.thickness().toMm() - from.y()) / dy
                : dy < -1e-9 ? from.y() / -dy : Double.MAX_VALUE;
        return Math.max(0, Math.min(across, back));
    }
}
