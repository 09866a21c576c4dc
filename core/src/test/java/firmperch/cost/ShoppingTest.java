package firmperch.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import firmperch.Demo;
import firmperch.file.Samples;
import firmperch.project.Owned;
import firmperch.project.Project;
import firmperch.project.Purse;
import firmperch.project.Tools;
import firmperch.stock.Currency;
import firmperch.stock.Material;
import firmperch.study.Study;
import firmperch.units.InvalidValue;
import firmperch.units.UnitSystem;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The shopping list against what the demo is made of, and what is to be paid of it. */
class ShoppingTest {
    private final Locale was = Locale.getDefault();

    @AfterEach
    void asBefore() {
        Locale.setDefault(was);
    }

    private static Shopping of(Project project) {
        return Shopping.of(Study.of(project).assembly(), project.units());
    }

    private static Shopping.Line line(Shopping list, String item) {
        return list.lines().stream().filter(l -> l.item().startsWith(item)).findFirst().orElseThrow();
    }

    static List<Project> samples() {
        return Samples.all();
    }

    /** Each thing once, each with a price, their sum is what the rig costs: wood, tube and concrete are in it. */
    @ParameterizedTest
    @MethodSource("samples")
    void theSumOfTheListIsThePrice(Project project) {
        Shopping list = of(project);
        assertThat(list.lines()).extracting(Shopping.Line::item).doesNotHaveDuplicates();
        assertThat(list.lines()).allSatisfy(l -> {
            assertThat(l.price()).as(l.item()).isPositive();
            assertThat(l.amount()).as(l.item()).isPositive();
        });
        assertThat(list.price()).isCloseTo(Bill.of(Study.of(project).assembly(), project.units()).price(),
                within(1e-9));
        assertThat(list.lines()).extracting(Shopping.Line::sort).contains(Shopping.Sort.BAR);
    }

    /** Four sticks of 730 mm, 45 × 18 mm, of the demo's beech; its concrete in whole bags of 25 kg at 6.00. */
    @Test
    void barsAreCountedByTheirLengthAndConcreteByTheBag() {
        Shopping list = of(Demo.project());
        Shopping.Line sticks = line(list, "beech D40 45 × 18 mm");
        assertThat(sticks.amount()).isCloseTo(4 * 0.730, within(1e-9));
        assertThat(sticks.much(UnitSystem.METRIC)).isEqualTo("2.92 m");
        double volume = 4 * 0.730 * 0.045 * 0.018;
        assertThat(sticks.price()).isCloseTo(volume * Material.ALL.get("beech-d40").pricePerCubicMetre(), within(1e-9));
        Shopping.Line mix = list.lines().getLast();
        assertThat(mix.sort()).isEqualTo(Shopping.Sort.BAG);
        assertThat(mix.amount()).isEqualTo(2);
        assertThat(mix.price()).isEqualTo(12);
    }

    /** Half of the sticks and one bag are there: half of the sticks' price and 6.00 less; dearer by a third and 20 % tax on all that is left. */
    @Test
    void whatIsThereIsNotPaid() {
        Shopping list = of(Demo.project());
        Shopping.Line sticks = line(list, "beech D40 45 × 18 mm");
        Purse purse = new Purse(Currency.ALL.get("CHF"), 1.5, 0.2,
                List.of(new Owned(sticks.item(), sticks.amount() / 2), new Owned(list.lines().getLast().item(), 1)),
                Tools.ALL);
        assertThat(list.toPay(purse)).isCloseTo((list.price() - sticks.price() / 2 - 6) * 1.5 * 1.2, within(1e-9));
        Purse more = purse.having(sticks.item(), 100);
        assertThat(more.has()).hasSize(2);
        assertThat(list.toPay(more)).isCloseTo((list.price() - sticks.price() - 6) * 1.5 * 1.2, within(1e-9));
        assertThat(more.having(sticks.item(), 0).has()).extracting(Owned::item)
                .containsExactly(list.lines().getLast().item());
    }

    /** All that is ticked as there already stays so told in inches, in every demo, half a length as half; what other rigs need keeps its name. */
    @Test
    void whatIsThereStaysThereInOtherUnits() {
        for (Project demo : Samples.all()) {
            Project project = demo;
            for (Shopping.Line line : of(demo).lines()) {
                project = project.with(project.purse().having(line.item(), line.amount()));
            }
            project = project.with(project.purse().having("pine C24 94 × 44 mm", 3));
            Project inches = OtherUnits.of(project, UnitSystem.IMPERIAL);
            assertThat(inches.units()).isEqualTo(UnitSystem.IMPERIAL);
            Shopping list = of(inches);
            assertThat(list.lines()).as(demo.name()).allMatch(line -> line.there(inches.purse()));
            assertThat(list.toPay(inches.purse())).isCloseTo(0, within(1e-6));
            assertThat(inches.purse().has("pine C24 94 × 44 mm")).isEqualTo(3);
            Project back = OtherUnits.of(inches, UnitSystem.METRIC);
            assertThat(of(back).lines()).as(demo.name()).allMatch(line -> line.there(back.purse()));
        }
        Project demo = Demo.project();
        Shopping.Line sticks = line(of(demo), "beech D40 45 × 18 mm");
        Project half = OtherUnits.of(demo.with(demo.purse().having(sticks.item(), sticks.amount() / 2)),
                UnitSystem.IMPERIAL);
        assertThat(half.purse().has()).singleElement()
                .satisfies(o -> assertThat(o.amount()).isCloseTo(sticks.amount() / 2, within(1e-9)));
        assertThat(of(half).toPay(half.purse())).isLessThan(half.purse().here(of(half).price()));
    }

    /** Sign and place as the platform has them for the language and country (CLDR); yen have no hundredths. */
    @Test
    void moneyIsToldAsIsUsual() {
        Locale.setDefault(Locale.US);
        assertThat(purse("EUR").words(12.5)).isEqualTo("€12.50");
        assertThat(purse("JPY").words(12.5)).isEqualTo("¥12");
        assertThat(purse("EUR").words(312.4)).isEqualTo("€312");
        assertThat(purse("USD").more(-2.22)).isEqualTo("−$2.22");
        assertThat(purse("USD").more(0.004)).isEmpty();
        Locale.setDefault(Locale.GERMANY);
        assertThat(purse("EUR").words(12.5).replace('\u00a0', ' ')).isEqualTo("12,50 €");
        assertThat(purse("EUR").more(2.22).replace('\u00a0', ' ')).isEqualTo("+2,22 €");
    }

    private static Purse purse(String code) {
        return new Purse(Currency.ALL.get(code), 1, 0, List.of(), Tools.ALL);
    }

    @Test
    void whatMakesNoSenseIsRefused() {
        assertThatThrownBy(() -> Demo.with("purse.tax", 1.5)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Tax on top");
        assertThatThrownBy(() -> Demo.with("purse.level", 0.0)).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("Price level here");
        assertThatThrownBy(() -> Currency.ALL.get("XYZ")).isInstanceOf(InvalidValue.class)
                .hasMessageContaining("one of EUR");
        assertThat(Currency.ALL.rows()).allSatisfy(c -> assertThat(c.label()).endsWith("(" + c.id() + ")"));
    }
}
