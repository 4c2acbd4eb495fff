package neatcorner.desktop.station.opening;

import java.util.List;
import javafx.scene.Node;
import neatcorner.desktop.desk.Later;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.draw.Palette;
import neatcorner.desktop.draw.PictureChoice;
import neatcorner.desktop.station.CardButton;
import neatcorner.desktop.station.Desk;
import neatcorner.job.Preset;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.plan.Plan;
import neatcorner.station.opening.PresetPictures;

/** Kinds of frames as pictures of this art; they are drawn while the card is open. */
final class KindCard {
    private final Workbench bench;
    private final PictureChoice<Preset> kinds;
    private final CardButton button;
    private final Later<Plan, List<PresetPictures.Choice>> known;

    KindCard(Desk desk, Palette palette) {
        bench = desk.bench();
        kinds = new PictureChoice<Preset>(palette, 6, 5, this::take).inCard();
        kinds.setId("kinds");
        known = new Later<>(bench, List.of(), (plan, search) -> PresetPictures.of(plan), desk::refresh);
        button = new CardButton(desk, "frame-kind", OpeningTexts.KIND, OpeningTexts.KIND_OF_FRAME, List.of(kinds));
        button.setOnAction(e -> {
            button.toggle();
            desk.refresh();
        });
    }

    Node button() {
        return button;
    }

    private void take(Preset preset) {
        bench.change(OpeningTexts.CHANGE_KIND, job -> preset.of(job, job.units()));
    }

    void show(Plan plan, Notation notation) {
        Preset now = Preset.of(plan.job());
        if (kinds.getScene() == null) {
            return;
        }
        kinds.show(known.of(plan).stream()
                .map(each -> new PictureChoice.Option<>(each.preset(), "kind-" + each.preset().word(),
                        notation.words(Sentence.capital(each.preset().title())), size(each, notation), "", each.fits(),
                        each.preset() == now, each.picture()))
                .toList());
    }

    private static String size(PresetPictures.Choice choice, Notation notation) {
        return choice.fits()
                ? notation.bare(choice.outside().width()) + " × " + notation.text(choice.outside().height())
                : OpeningTexts.NOT_OF_THIS_SIZE;
    }
}
