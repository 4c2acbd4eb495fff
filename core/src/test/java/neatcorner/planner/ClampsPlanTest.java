package neatcorner.planner;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Objects;
import neatcorner.glueup.Clamp;
import neatcorner.job.Job;
import neatcorner.job.Jobs;
import neatcorner.measure.Length;
import neatcorner.plan.Finding;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;
import org.junit.jupiter.api.Test;

/** Whether what a shop has presses as hard as a frame wants, and what is offered where it does not. */
class ClampsPlanTest {

    /** Corner clamps that are too weak, taken because no band reaches round: a longer band is offered, and takes their place. */
    @Test
    void whereCornerClampsAreTooWeakALongerBandIsOffered() {
        Job broad = Jobs.chart().withSection(Jobs.chart().section().withWidth(Length.mm(90)));
        Shop weak = Jobs.SHOP.withJig(null).withClamps(List.of(
                new Clamp(Clamp.Kind.CORNER, "corner", Length.mm(90), 1500, 4)));
        Finding finding = Planner.plan(broad, weak, Search.PATIENT).findings().stream()
                .filter(each -> each.code().equals("clamp.too-weak")).findFirst().orElseThrow();
        Shop more = Objects.requireNonNull(finding.remedy()).edit().of(weak);
        assertTrue(Planner.plan(broad, more, Search.PATIENT).findings().stream()
                .noneMatch(each -> each.code().equals("clamp.too-weak")));
    }
}
