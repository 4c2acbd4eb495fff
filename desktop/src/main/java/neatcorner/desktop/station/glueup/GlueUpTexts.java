package neatcorner.desktop.station.glueup;

import java.util.List;

/**
 * What the station of the glue-up says in the window: names of its controls and of what they change, hints, cautions.
 * {@code %s} stands for what is filled in.
 */
final class GlueUpTexts {
    static final String A_GLUE = "glue";
    static final String A_FINISH = "finish";
    static final String A_WAY_TO_GLUE = "way to glue up";
    static final String PRESSES = "presses the corners";
    /** What a maker may call the work here, for the finder. */
    static final List<String> FOUND_BY = List.of("clamps", "glue", "finish", "drying", "schedule", "calendar");

    // DayPane

    static final String DONE = "Done";
    static final String NOT_DONE_AFTER_ALL = "Not done after all";
    static final String AS_EARLY_AS_CAN_BE = "As early as it can be";
    static final String TIMER = "Timer";
    static final String JOBS = "Jobs";
    static final String JOBS_OF_THESE_DAYS = "Made in these days";
    static final String ONLY_THIS_JOB = "Only this job";
    static final String BEGIN_ANEW = "Begin anew";
    static final String CALENDAR_FILE = "Calendar file";
    static final String HOUR_BY_HOUR = "Hour by hour";
    static final String LAYING_DAYS_OUT = "Laying the days out …";
    static final String NO_JOBS = "No jobs yet: choose some under “Jobs”.";
    static final String NOTHING_LEFT = "All is done.";
    static final String NOTHING_PLACED = "Nothing can be placed: a clamp or place that is needed is missing, or there "
            + "are no working hours.";
    static final String NEXT_AT = "Next, %4$s: %1$s: %2$s (%3$s min)";
    static final String NOW = "Now: %s: %s (%s min)";
    static final String BY = ", by %s";
    static final String LAYING_OUT = "laying out …";
    static final String NO_ORDER_SOONER = "; no order is sooner";
    static final String NO_ORDER_BEFORE = "; no order ends before %s";
    static final String CANNOT_BE_PLACED = "; cannot be placed: %s";
    static final String ALL_DONE = "All done %s%s%s%s";
    static final String AND_LAYING_OUT = " · laying out …";
    static final String CHOOSE_HINT = "Click a step to see it; drag it, or press → and ←, to do it later or sooner.";
    static final String THEN_WAIT = ", then wait %s";
    static final String HELD_AT_THIS_TIME = ", held at this time";
    static final String MINUTES = "%s min";
    static final String HOURS_AND_MINUTES = "%s h %s min";
    static final String WHOLE_HOURS = "%s h";
    static final String TIMER_AFTER = "%s: after “%s”";
    static final String CALENDAR_WRITTEN = "The calendar is in %s.";
    static final String OPEN = "Open";
    static final String CALENDAR_NOT_WRITTEN = "The calendar could not be written to %s.";
    static final String BANDS = "Bands";
    static final String CORNER_CLAMPS = "Corner clamps";
    static final String JIGS = "Jigs";
    static final String CHANGE_JIGS = "jigs";
    static final String BENCH_PLACES = "Bench places";
    static final String DRYING_PLACES = "Drying places";
    static final String CHANGE_PLACES = "places";
    static final String HOURS = "Hours";
    static final String CLAMP_REACHES = "reaches";
    static final String CLAMP_PULLS = "pulls";
    static final String CHANGE_CLAMPS = "clamps";
    static final String FEWER = "fewer: %s";
    static final String MORE = "more: %s";
    static final String CHANGE_HOURS = "hours";

    // GlueBench

    static final String NO_FRAME = "There is no frame to glue yet: the findings say what is missing.";
    static final String STEP_OF = "%s: step %s of %s";
    static final String OPEN_TIME_LEFT = "of open time left";
    static final String HOLE = "hole %s";
    static final String ON_EACH_ARM = "on each arm of the jig, from the block";
    static final String TIMER_STEP = "%s, step %s";

    // GlueUpStation

    static final String WHICH_JIG = "Jig to make";
    static final String MODE_DAYS = "The days of the shop";

    // GlueUpView

    static final String CLAMPS_AND_HOURS = "Clamps and hours";
    static final String NAMED_STEP = "%s: %s%s";
    static final String OF_FRAME = ", %s";
    static final String FIRST = "Next";
    static final String THEN = "Then";
    static final String MIN = "min";
    static final String WORK_LEFT = "All done %s; work left";
    static final String HANDS_LEFT = "Work by hand that is left";
    static final String HOURS_UNIT = "h";
    static final String MORE_CHOICES = "More";
    static final String ORDER_OF_CORNERS = "Which corners are closed together";
    static final String HELD_IN = "Held in";
    static final String GLUE_AND_FINISH = "Room, finish, squeeze-out";
    static final String THE_ROOM = "Room";
    static final String THE_FINISH = "Finish";
    static final String THE_SQUEEZE_OUT = "Squeeze-out";
    static final String VIEW_CLAMPS = "clamps";
    static final String VIEW_JIGS = "jigs";
    static final String VIEW_DAYS = "days";
    static final String CHANGE_GLUE_UP = "glue-up";
    static final String FILLS_GAPS = ", fills gaps";
    static final String GLUE_CHOICE = "%s, open %s min%s%s";
    static final String HANGS_INDOORS = "It will hang indoors";
    static final String HANGS_OUTDOORS = "It will hang outdoors";
    static final String BEST_THAT_FITS = "The best that fits";
    static final String OUTDOORS = ", outdoors";
    static final String TEMPERATURE_AND_WHERE = "%s%s";
    static final String AS_THE_GLUE_ALLOWS = "As the glue allows";
    static final String BEST_CLAMPS = "Best clamps";

    // JigsPane

    static final String TEMPLATES = "Templates 1:1";
    static final String FEWER_HOLES = "fewer holes";
    static final String MORE_HOLES = "more holes";
    static final String HOLES = "Holes";
    static final String CHANGE_JIG = "jig";
    static final String JIG_CUT_FROM = "Cut, from [18 mm|3/4 in] board";
    static final String FROM_SHEETS = "From %s × %s, %s";
    static final String PROVED_LEAST = "proved least";
    static final String LEAST_NOT_PROVED = "least not proved";
    static final String JIG_NOT_PLACED = "Not all parts find a place on %s";
    static final String SHOPS_JIG = "The shop's jig";
    static final String PUT_TOGETHER = "Put together";
    static final String TEMPLATES_WRITTEN = "Templates are in %s as PDF, SVG and DXF.";
    static final String TEMPLATES_NOT_WRITTEN = "The templates could not be written to %s.";

    // DaySlate

    static final String LATE = "%s is due %s and ready %s";
    static final String LATE_BY = "Late by";
    static final String DAY_LATE = "day late";
    static final String DAYS_LATE = "days late";

    private GlueUpTexts() {}
}
