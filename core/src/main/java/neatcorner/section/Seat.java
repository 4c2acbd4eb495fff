package neatcorner.section;

import neatcorner.measure.Angle;
import neatcorner.measure.Length;

/**
 * How a flat pack lies in the rabbet. In a flat frame that is the rabbet itself. Where the faces slope, a place x across the
 * stick and y behind its face lies x·cos S + y·sin S outside the sight edge and y·cos S − x·sin S behind it: a rabbet cut
 * square to the stick then carries the pack on the back edge of its lip alone, and what counts is the opening between the
 * walls in the level plane through that edge.
 *
 * @param wall   how far the rabbet's wall stands outside the sight edge in the level plane that the pack's front lies in
 * @param carry  how far outside the sight edge the wood that carries the pack begins
 * @param rabbet the rabbet as the level pack meets it: how wide the opening is outside {@code carry}, and how deep behind the
 *               plane that it lies in
 * @param walled whether the wall reaches that plane, so that something holds the pack sideways
 * @param flat   whether the pack lies on the whole width of the rabbet, and not on an edge only
 */
public record Seat(Length wall, Length carry, Rabbet rabbet, boolean walled, boolean flat) {

    /** Of a section in a frame whose faces slope by so much, from 0° to 90°. */
    public static Seat of(Section section, Angle slope) {
        Rabbet rabbet = section.rabbet();
        if (Math.abs(slope.degrees()) < 1e-9 && !rabbet.isTilted()) {
            return new Seat(rabbet.width(), Length.ZERO, rabbet, true, true);
        }
        double turn = slope.radians() - rabbet.tilt().radians();
        Step front = step(RabbetCut.front(section), slope, turn);
        double carry = RabbetCut.out(slope, RabbetCut.front(section).floor());
        Length width = Length.mm(front.wall - carry);
        Rabbet.Step second = rabbet.step();
        if (second == null) {
            return new Seat(Length.mm(front.wall), Length.mm(carry), Rabbet.plain(width, Length.mm(front.depth)),
                    front.walled, Math.abs(turn) < 1e-6);
        }
        Step back = step(RabbetCut.step(section, second), slope, turn);
        Length depth = Length.mm(back.level + back.depth - front.level);
        return new Seat(Length.mm(front.wall), Length.mm(carry), new Rabbet(width, depth,
                new Rabbet.Step(Length.mm(back.wall - carry), Length.mm(back.depth))), front.walled && back.walled,
                Math.abs(turn) < 1e-6);
    }

    private record Step(double level, double wall, double depth, boolean walled) {}

    private static Step step(RabbetCut cut, Angle slope, double turn) {
        double foot = RabbetCut.level(slope, cut.foot());
        double top = RabbetCut.level(slope, cut.top());
        double level = Math.max(foot, RabbetCut.level(slope, cut.floor()));
        boolean walled = level <= top + 1e-6;
        double wall = walled
                ? RabbetCut.out(slope, cut.foot()) + (level - foot) * Math.tan(turn)
                : RabbetCut.out(slope, cut.top());
        return new Step(level, wall, top - level, walled);
    }
}
