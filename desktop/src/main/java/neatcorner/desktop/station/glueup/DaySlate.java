package neatcorner.desktop.station.glueup;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import neatcorner.desktop.desk.ShopDay;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Schedule;
import neatcorner.glueup.schedule.Task;
import neatcorner.job.DayText;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.measure.Spelling;
import neatcorner.plan.Slate;

/** The slate of the days: what is done next, what then, when all is done and how much work that is. */
final class DaySlate {
    /** Steps that it names. */
    private static final int NEXT = 5;

    private DaySlate() {}

    static Slate of(ShopDay.Shown shown, DateTimeFormatter when, Spelling spelling) {
        List<Slate.Row> rows = new ArrayList<>();
        for (ShopDay.Late late : shown.late()) {
            rows.add(Slate.Row.plain(GlueUpTexts.LATE.formatted(late.frame(), said(late.due(), late, spelling),
                    said(late.done(), late, spelling)),
                    Reading.given(GlueUpTexts.LATE_BY, new Scalar(late.days(),
                            late.days() == 1 ? GlueUpTexts.DAY_LATE : GlueUpTexts.DAYS_LATE, 0))));
        }
        List<Schedule.Step> steps = shown.rest().schedule().steps();
        for (int i = 0; i < Math.min(NEXT, steps.size()); i++) {
            Chain chain = shown.chains().get(steps.get(i).chain());
            Task task = chain.tasks().get(shown.task(steps.get(i)));
            boolean same = i > 0 && steps.get(i).chain() == steps.get(i - 1).chain();
            String name = GlueUpTexts.NAMED_STEP.formatted(i == 0 ? GlueUpTexts.FIRST : GlueUpTexts.THEN,
                    task.name() + by(shown, steps.get(i), when),
                    same ? "" : GlueUpTexts.OF_FRAME.formatted(chain.frame()));
            Reading hands = Reading.given(name, new Scalar(task.hands(), GlueUpTexts.MIN, 0));
            rows.add(i == 0 ? Slate.Row.large(name, hands) : Slate.Row.plain(name, hands));
        }
        double left = steps.stream().mapToLong(
                step -> shown.chains().get(step.chain()).tasks().get(shown.task(step)).hands()).sum() / 60.0;
        if (!steps.isEmpty()) {
            rows.add(Slate.Row.large(GlueUpTexts.WORK_LEFT.formatted(when.format(shown.rest().at(
                    shown.rest().schedule().end()))), Reading.given(GlueUpTexts.HANDS_LEFT,
                            new Scalar(Math.round(left * 10) / 10.0, GlueUpTexts.HOURS_UNIT, 1))));
        }
        return new Slate(rows);
    }

    /** By when a step must have begun, in words; nothing where it can wait. */
    static String by(ShopDay.Shown shown, Schedule.Step step, DateTimeFormatter when) {
        OptionalLong by = shown.rest().by(step);
        return by.isPresent() ? GlueUpTexts.BY.formatted(when.format(shown.rest().at(by.getAsLong()))) : "";
    }

    private static String said(LocalDate day, ShopDay.Late late, Spelling spelling) {
        return DayText.said(day, late.done(), spelling);
    }
}
