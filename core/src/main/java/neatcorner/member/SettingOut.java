package neatcorner.member;

import java.util.List;
import java.util.function.BiFunction;

/**
 * How a kind of member is set on its ground: what places and templates have to know of it.
 *
 * @param outside   whether it goes on from outside when the frame stands, not into the frame
 * @param sawn      whether it is sawn to a line that is not straight
 * @param made      puts one on a ground that takes members at all
 * @param after     the ground for what comes after it
 * @param templates full-size ones of what is sawn to a curve
 */
record SettingOut(boolean outside, boolean sawn, BiFunction<Member, Ground, MadeMember> made,
        BiFunction<Member, Ground, Ground> after, BiFunction<Member, Ground, List<MemberTemplates.Named>> templates) {

    static SettingOut of(MemberKind kind) {
        return switch (kind) {
            case MemberKind.Slats slats -> straight(false, (member, ground) -> InOpening.slats(member, slats, ground));
            case MemberKind.Bar bar -> straight(false, (member, ground) -> InOpening.bar(member, bar, ground));
            case MemberKind.Triangles triangles -> straight(false, InCorners::triangles);
            case MemberKind.Blocks blocks -> straight(false, InCorners::blocks);
            case MemberKind.Extension extension -> straight(true, OnTop::extension)
                    .withAfter((member, ground) -> ground.with(member.width(), ground.shoulder()));
            case MemberKind.Head head -> sawn((member, ground) -> OnTop.head(member, head, ground),
                    (member, ground) -> MemberTemplates.head(member, head, ground))
                    .withAfter((member, ground) -> ground.with(member.width(), head.rise()));
            case MemberKind.Trim trim ->
                sawn((member, ground) -> OnTop.trim(member, trim, ground), MemberTemplates::band);
            case MemberKind.Face face -> sawn((member, ground) -> SheetFace.of(member, face, ground),
                    (member, ground) -> MemberTemplates.face(member, face, ground));
            case MemberKind.Bought bought -> straight(false, (member, ground) -> Fitted.bought(member, bought, ground));
            case MemberKind.Vents vents -> straight(false, (member, ground) -> Fitted.vents(member, vents, ground));
        };
    }

    private static SettingOut straight(boolean outside, BiFunction<Member, Ground, MadeMember> made) {
        return new SettingOut(outside, false, made, (member, ground) -> ground, (member, ground) -> List.of());
    }

    /** All that is sawn to a line so far goes on from outside. */
    private static SettingOut sawn(BiFunction<Member, Ground, MadeMember> made,
            BiFunction<Member, Ground, List<MemberTemplates.Named>> templates) {
        return new SettingOut(true, true, made, (member, ground) -> ground, templates);
    }

    private SettingOut withAfter(BiFunction<Member, Ground, Ground> newAfter) {
        return new SettingOut(outside, sawn, made, newAfter, templates);
    }
}
