package neatcorner.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.function.UnaryOperator;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import neatcorner.desktop.desk.Workbench;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.job.KnownShop;
import neatcorner.fitout.SizeOf;
import neatcorner.job.Job;
import neatcorner.job.Ring;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.section.Rabbet;
import neatcorner.section.Section;
import neatcorner.shop.Shop;
import neatcorner.stock.Search;
import neatcorner.stock.Stick;
import neatcorner.wood.Species;
import org.junit.jupiter.api.Test;

/** Nothing that was typed is lost: not while a plan is slow or fails, not to another job, not to a full disk, not by undo. */
class EditsTest extends WindowTest {
    private volatile UnaryOperator<Job> beforePlanning = job -> job;

    @Override
    Plan plan(Job job, Shop shop, Search search) {
        return super.plan(beforePlanning.apply(job), shop, search);
    }

    private Job onDisk(Path file) throws Exception {
        return JobFile.read(file).job();
    }

    /** From now on plans wait for the latch. */
    private CountDownLatch slowPlans() {
        CountDownLatch latch = new CountDownLatch(1);
        beforePlanning = job -> {
            try {
                latch.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return job;
        };
        return latch;
    }

    @Test
    void whatIsTypedWhileAPlanIsSlowTakesNothingBack() throws Exception {
        settle();
        at(KeyCode.DIGIT2);
        CountDownLatch latch = slowPlans();
        maker.interact(() -> bench.change("wood", job -> job.withTitle("renamed while planning")));
        maker.clickOn("#value-rabbet-depth").push(KeyCode.CONTROL, KeyCode.A);
        maker.write("11").push(KeyCode.ENTER);
        latch.countDown();
        settle();
        assertEquals("renamed while planning", bench.job().title());
        assertEquals(Length.mm(11), bench.job().section().rabbet().depth());
        assertEquals(bench.job(), onDisk(bench.file()));
        assertEquals(bench.job(), bench.currentPlan().job());
    }

    @Test
    void anotherJobIsOpenedWhileAPlanIsSlowAndEachKeepsItsOwn() throws Exception {
        settle();
        Path first = bench.file();
        CountDownLatch latch = slowPlans();
        maker.interact(() -> {
            bench.change("title", job -> job.withTitle("mine"));
            bench.open(demo("storm-painting"));
        });
        latch.countDown();
        settle();
        maker.interact(() -> bench.change("quantity", job -> job.withQuantity(3)));
        settle();
        assertEquals("mine", onDisk(first).title());
        assertEquals(demo("storm-painting"), bench.file());
        assertEquals(3, onDisk(bench.file()).quantity());
        assertTrue(onDisk(bench.file()).title().contains("torm"));
        maker.interact(() -> bench.open(first));
        settle();
        maker.interact(bench::undo);
        settle();
        assertEquals("Tide chart, sheet 3", onDisk(first).title(),
                "what was done before can be undone after a visit elsewhere");
    }

    @Test
    void aLayoutThatWasKeptForComparisonStaysWithItsJob() throws Exception {
        at(KeyCode.DIGIT5);
        maker.clickOn("#compare");
        settle();
        assertTrue(isShown("#take-other"));
        maker.interact(() -> bench.open(demo("storm-painting")));
        settle();
        assertFalse(isShown("#take-other"));
        assertTrue(onDisk(demo("storm-painting")).title().contains("torm"));
    }

    @Test
    void aFaultInPlanningIsSaidAndTheEditIsKeptAndCanBeUndone() throws Exception {
        settle();
        beforePlanning = job -> {
            throw new IllegalStateException("made for this test");
        };
        maker.interact(() -> bench.change("title", job -> job.withTitle("unplannable")));
        settle();
        assertTrue(read("#notice-text").contains("cannot be worked out"), read("#notice-text"));
        assertFalse(bench.busy().get());
        assertEquals("unplannable", onDisk(bench.file()).title());
        beforePlanning = job -> job;
        maker.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertEquals("Tide chart, sheet 3", bench.currentPlan().job().title());
    }

    @Test
    void aNumberTypedOnAFigureTakesItsPlaceWhole() {
        at(KeyCode.DIGIT5);
        maker.clickOn("#sticks-more");
        settle();
        for (String typed : List.of("645", "900", "7", "12.5")) {
            maker.interact(() -> maker.node("#field-end-trim").requestFocus());
            maker.write(typed, 0).push(KeyCode.ENTER);
            settle();
            assertEquals(Length.mm(Double.parseDouble(typed)), bench.job().stock().endTrim(), typed);
        }
        maker.interact(() -> maker.node("#field-end-trim").requestFocus());
        maker.write("99999", 0).push(KeyCode.ENTER);
        settle();
        assertTrue(read("#field-end-trim").contains("Expected a length from 0 mm to 20000 mm"),
                read("#field-end-trim"));
        maker.push(KeyCode.ESCAPE);
        settle();
        assertEquals(Length.mm(12.5), bench.job().stock().endTrim());
    }

    @Test
    void theWindowStaysWhileSomethingIsNotKeptAndSaysWhy() throws Exception {
        Path elsewhere = Files.createDirectories(folder.resolve("stick"));
        JobFile.of(bench.job()).write(elsewhere.resolve("job.json"));
        maker.interact(() -> bench.open(elsewhere.resolve("job.json")));
        settle();
        Files.move(elsewhere, folder.resolve("pulled out"));
        maker.interact(() -> bench.change("title", job -> job.withTitle("afloat")));
        settle();
        maker.interact(() -> bench.open(demo("storm-painting")));
        settle();
        maker.interact(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        settle();
        assertTrue(stage.isShowing());
        String said = read("#notice-text");
        assertTrue(said.contains("“afloat” is not being kept") && said.contains("stays open"), said);
        Files.createDirectories(elsewhere);
        maker.interact(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        Maker.await(() -> !stage.isShowing());
        assertEquals("afloat", onDisk(elsewhere.resolve("job.json")).title());
    }

    @Test
    void theWindowStaysForTheShopsShelfToo() throws Exception {
        at(KeyCode.DIGIT5);
        Path blocked = Files.writeString(bench.home().offcuts(), "a file where the folder should be");
        cut();
        assertFalse(onShelf().isEmpty());
        maker.interact(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        settle();
        assertTrue(stage.isShowing());
        assertTrue(read("#notice-text").contains("only here"), read("#notice-text"));
        Files.delete(blocked);
        maker.interact(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        Maker.await(() -> !stage.isShowing());
        assertTrue(Files.isDirectory(blocked));
    }

    @Test
    void whatWouldBeUndoneIsCalledByItsName() {
        maker.interact(() -> bench.change("corner joint", job -> job.withTitle("x")));
        settle();
        assertEquals("Undo: corner joint (Ctrl+Z)", maker.node("#undo").getAccessibleText());
    }

    @Test
    void withoutAJobThatCanBeReadTheBlankOneIsKeptInAFileOfItsOwn() throws Exception {
        Workbench other = newBench();
        maker.interact(() -> other.change("title", job -> job.withTitle("first of all")));
        while (!Maker.ask(other.premises()::isIdle)) {
            Maker.awaitThread();
        }
        assertTrue(other.file().startsWith(bench.home().jobs()));
        assertEquals("first of all", onDisk(other.file()).title());
        other.premises().close();
    }

    @Test
    void offcutsThatWerePutBackOrTakenGoTheWayOfTheirUndo() {
        at(KeyCode.DIGIT5);
        List<Stick> rack = bench.job().stock().sticks();
        cut();
        List<Stick> shelf = onShelf();
        assertFalse(shelf.isEmpty());
        maker.interact(bench::undo);
        settle();
        assertEquals(List.of(), onShelf());
        assertEquals(rack, bench.job().stock().sticks());
        maker.interact(bench::redo);
        settle();
        assertEquals(shelf, onShelf(), "once, not twice");
        maker.clickOn("#take-offcuts");
        settle();
        assertEquals(List.of(), onShelf());
        maker.interact(bench::undo);
        settle();
        assertEquals(shelf, onShelf(), "taken, and not nowhere");
    }

    /** What is left of a band's walnut is walnut on the shelf, and lies on the rack for the band again. */
    @Test
    void endsOfABandsSticksComeBackForTheBand() {
        Species walnut = Species.named("black walnut");
        Section strip = new Section(walnut, Length.mm(8), Length.mm(25), Rabbet.NONE);
        maker.interact(() -> edit(bench.job().withRings(List.of(new Ring(new Ring.Place("band", "", SizeOf.OUTSIDE,
                SizeOf.SIGHT, Length.ZERO, null), strip))).withStock(bench.job().stock().plusStick(new Stick("strips",
                        Length.mm(3000), 4, null, List.of(), walnut, strip.width(), strip.thickness())))));
        settle();
        at(KeyCode.DIGIT5);
        cut();
        assertTrue(bench.shelf().now().lots().stream().anyMatch(lot -> lot.kind().wood().equals(walnut)
                && lot.kind().rabbet().isNone()), bench.shelf().now().toString());
        long before = bench.job().stock().sticks().stream().filter(stick -> walnut.equals(stick.wood())).count();
        maker.clickOn("#take-offcuts");
        settle();
        List<Stick> now = bench.job().stock().sticks().stream().filter(stick -> walnut.equals(stick.wood())).toList();
        assertTrue(now.size() > before, now.toString());
        assertEquals(strip.width(), now.getFirst().width());
        assertEquals("offcut of strips · 2", now.getFirst().name());
    }

    private List<Stick> onShelf() {
        return bench.shelf().of(bench.job()).stream().flatMap(lot -> lot.sticks().stream()).toList();
    }

    private void cut() {
        maker.clickOn("#rack-menu");
        settle();
        maker.clickOn("It is cut: put the offcuts on the shelf");
        settle();
    }

    /** A job of another shop is shown as it was planned there, and changes nothing here; one click plans it in this one. */
    @Test
    void aJobFromAnotherShopIsPlannedThereUntilItsMakerSaysOtherwise() throws Exception {
        settle();
        int benches = bench.shop().bench();
        maker.interact(() -> bench.changeShop("places", shop -> shop.withPlaces(benches + 1, shop.drying())));
        settle();
        Path theirs = bench.home().jobs().resolve("theirs.json");
        KnownShop other = new KnownShop(Shop.usual(Units.MILLIMETRES).withPlaces(17, 2), "another shop");
        Files.createDirectories(theirs.getParent());
        JobFile.of(bench.job()).madeIn(other).write(theirs);
        maker.interact(() -> bench.open(theirs));
        settle();
        assertEquals(17, bench.shop().bench(), "as it was planned there");
        assertTrue(maker.node("#own-shop").isVisible());
        maker.interact(() -> bench.changeShop("places", shop -> shop.withPlaces(18, 2)));
        settle();
        assertEquals("another shop", JobFile.read(theirs).madeIn().id());
        assertEquals(18, JobFile.read(theirs).madeIn().shop().bench());
        maker.interact(() -> bench.open(demo("storm-painting")));
        settle();
        assertEquals(benches + 1, bench.shop().bench(), "this shop is as it was");
        assertFalse(maker.node("#own-shop").isVisible());
        maker.interact(() -> bench.open(theirs));
        settle();
        maker.clickOn("#own-shop");
        settle();
        assertEquals(benches + 1, bench.shop().bench(), "planned in this shop now");
        assertFalse(maker.node("#own-shop").isVisible());
        maker.interact(bench::undo);
        settle();
        assertEquals(18, bench.shop().bench());
        maker.interact(bench::undo);
        settle();
        assertEquals(17, bench.shop().bench());
        assertTrue(maker.node("#own-shop").isVisible());
        maker.interact(bench::redo);
        maker.interact(bench::redo);
        settle();
        assertEquals(benches + 1, bench.shop().bench());
        assertEquals(benches + 1, JobFile.read(theirs).madeIn().shop().bench());
    }

    @Test
    void whatTheShopHasIsUndoneWithoutTouchingWhatOthersChanged() {
        settle();
        int benches = bench.shop().bench();
        maker.interact(() -> {
            bench.changeShop("places", shop -> shop.withPlaces(benches + 1, shop.drying()));
            bench.open(demo("storm-painting"));
        });
        settle();
        assertEquals(benches + 1, bench.shop().bench(), "one shop for all jobs");
        int drying = bench.shop().drying();
        maker.interact(() -> bench.changeShop("places", shop -> shop.withPlaces(shop.bench(), drying + 5)));
        maker.interact(() -> bench.open(demo("tide-chart-sheet-3")));
        settle();
        maker.interact(bench::undo);
        settle();
        assertEquals(benches, bench.shop().bench());
        assertEquals(drying + 5, bench.shop().drying());
    }

    @Test
    void aHalfTypedNumberIsNeitherTakenNorLostWhenTheWindowIsLeft() {
        at(KeyCode.DIGIT1);
        Length before = bench.job().clearance();
        maker.clickOn("#opening-more").clickOn("#field-clearance").push(KeyCode.CONTROL, KeyCode.A);
        maker.write("9");
        Stage[] second = new Stage[1];
        maker.interact(() -> {
            Stage other = new Stage();
            other.setScene(new Scene(new StackPane(new Button("elsewhere")), 80, 60));
            other.show();
            other.requestFocus();
            second[0] = other;
        });
        Maker.awaitThread();
        assertEquals(before, bench.job().clearance());
        maker.interact(() -> {
            second[0].close();
            stage.requestFocus();
        });
        settle();
        maker.write(".5").push(KeyCode.ENTER);
        settle();
        assertEquals(Length.mm(9.5), bench.job().clearance());
    }

    @Test
    void aJobWithForeignNumbersBeyondAllMeasureIsEditedAndKept() throws Exception {
        Path file = Files.writeString(folder.resolve("odd.json"), JobFile.of(bench.job()).text()
                .replaceFirst("\\{", "{ \"theirs\": 1e999999999, "));
        maker.interact(() -> bench.open(file));
        settle();
        assertTrue(read("#notice-text").contains("theirs"), "what counts for nothing is said");
        maker.interact(() -> bench.notices().close(bench.notices().all().getFirst()));
        maker.interact(() -> bench.change("title", job -> job.withTitle("half \ud83d of it")));
        settle();
        maker.interact(() -> bench.change("quantity", job -> job.withQuantity(5)));
        settle();
        assertTrue(bench.notices().all().isEmpty());
        assertTrue(Files.readString(file).contains("1e999999999"));
        assertEquals(5, onDisk(file).quantity());
        assertEquals(Station.OPENING, bench.station().get());
    }
}
