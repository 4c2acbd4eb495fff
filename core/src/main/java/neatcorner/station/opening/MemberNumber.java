package neatcorner.station.opening;

import java.util.Optional;
import java.util.function.BiFunction;
import neatcorner.member.MemberKind;

/**
 * A number of a member that is no length.
 *
 * @param id    stable, by its kind
 * @param title what a maker calls it, in US words
 * @param step  by which it is usually changed
 * @param now   what it is
 * @param set   a kind with another; one that has no such number any more stays as it is
 */
public record MemberNumber(String id, String title, double least, double most, double step, double now,
        BiFunction<MemberKind, Double, MemberKind> set) {

    /** That of a kind of member; empty where it has none. */
    public static Optional<MemberNumber> of(MemberKind of) {
        return MemberCard.of(of).number();
    }
}
