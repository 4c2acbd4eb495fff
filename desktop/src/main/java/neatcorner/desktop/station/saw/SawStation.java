package neatcorner.desktop.station.saw;

import java.util.List;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.station.Shot;
import neatcorner.desktop.station.StationSpec;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.plan.Station;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.saw.measured.MeasuredPiece;

/** What the window knows of this station. */
public final class SawStation {
    /** Its entry in the list of stations. */
    public static final StationSpec SPEC = new StationSpec(Station.SAW, SawView::new, null,
            SawTexts.FOUND_BY,
            List.of(new StationSpec.Mode(SawTexts.MODE_TEST_CORNER, "saw-test"),
                    new StationSpec.Mode(SawTexts.MODE_BEFORE, "saw-before"),
                    new StationSpec.Mode(SawTexts.MODE_AS_CUT, "saw-as-cut"),
                    new StationSpec.Mode(SawTexts.MODE_DRY_FIT, "saw-dry-fit"),
                    new StationSpec.Mode(SawTexts.MODE_SEASONS, "saw-seasons")),
            List.of(new Shot("6-saw", demo -> {
                demo.bench().cut().set(demo.bench().currentPlan().cuts().size() - 2);
            }), new Shot("6-saw-test", demo -> {
                demo.press("saw-test");
                demo.press("open-toe");
            }), new Shot("6-saw-as-cut", demo -> {
                demo.bench().change(SawTexts.CHANGE_MEASURED, job -> job.withChecks(measured(demo.bench())));
                demo.press("saw-as-cut");
            })));

    private SawStation() {}

    /** Pieces that came off the saw a little long, short and steep. */
    private static Checks measured(Workbench bench) {
        Checks checks = bench.job().checks().withDryFit(
                DryFit.closed().with(0, 1, 0.4).with(1, 1, 0.5).with(2, 1, 0.4).with(3, 1, 0.5));
        double[] off = {0.3, -0.2, -0.4, 0.1};
        double[] steep = {0.15, 0.1, 0.2, 0.12};
        for (int i = 0; i < off.length; i++) {
            MeasuredPiece piece = MeasuredPiece.asPlanned(bench.currentPlan().pieces().get(i));
            checks = checks.with(new MeasuredPiece(piece.piece(), piece.outer().plus(Length.mm(off[i])),
                    Angle.ofDegrees(45 + steep[i]), Angle.ofDegrees(45 + steep[3 - i])));
        }
        return checks;
    }
}
