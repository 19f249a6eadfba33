using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>The plan edited at full strength on screen: kept days, phases, sections, what steps are done with, schools, figures.</summary>
public sealed class EditingTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
{
    private readonly Window _window = new(server.Process.Address);

    public void Dispose() => _window.Dispose();

    private string[] Steps() =>
        [
            .. (
                (IReadOnlyCollection<object>)
                    _window.Script("return [...document.querySelectorAll('li[data-step]')].map((e) => e.dataset.step)")!
            ).Cast<string>(),
        ];

    private void Open(object? wish = null)
    {
        _window.Wish(wish ?? DemoServer.Wish());
        _window.Go("/today");
        _window.See("li[data-step=deep-condition]");
    }

    private void OpenStep(string step) => _window.Click($"li[data-step={step}] button[aria-expanded=false]");

    [Fact]
    public void A_day_is_kept_and_used_for_another_head_where_it_is_checked_anew()
    {
        Open();
        OpenStep("cleanse");
        _window.Press("Repeat this step");
        _window.Until(() => Steps().Contains("cleanse-2"), "a second cleanse");
        _window.Press("My routines");
        _window.Fill("Name of the routine", "Long Sunday");
        _window.Press("Save as my routine");
        _window.SeeText("Wash Oriel with Long Sunday", "h1");
        Assert.Contains("cleanse-2", Steps());

        _window.Press("Head: Oriel");
        _window.Press("Bram");
        _window.SeeText("Wash Bram with Long Sunday", "h1");
        _window.See("article[data-finding=R45]");
        _window.Press("Fix everything that can be fixed");
        _window.Until(() => !_window.Has("article[data-finding=R45]"), "a day that suits locs");

        _window.Press("Reset steps");
        _window.SeeText("Wash Bram for", "h1");
        _window.Press("My routines");
        _window.Press("Rename Long Sunday");
        _window.Fill("New name", "Short Sunday");
        _window.Press("Rename");
        _window.Press("Remove Short Sunday");
        _window.Press("Remove for good");
        _window.Until(() => !_window.Text("[role=dialog]").Contains("Short Sunday", StringComparison.Ordinal), "a day forgotten");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_routine_file_is_taken_in_and_stands_in_the_sentence()
    {
        const string routine = """
            version: 1
            id: our-sunday
            says: our Sunday
            hint: Cleanse and conditioner.
            suits: [loose]
            steps:
              - then: clean
              - do: STEP
                why: It softens.
            """;
        using var wrong = new TextFile("wrong.yaml", routine.Replace("STEP", "brush", StringComparison.Ordinal));
        using var right = new TextFile("sunday.yaml", routine.Replace("STEP", "conditioner", StringComparison.Ordinal));
        Open();
        _window.Press("My routines");
        _window.Attach("[role=dialog] input[type=file]", wrong.Path);
        _window.SeeText("Line 8, “do”: There is no step called “brush”.", "[role=dialog]");
        _window.Attach("[role=dialog] input[type=file]", right.Path);
        _window.SeeText("Wash Oriel with our Sunday", "h1");
        _window.Until(() => Steps().SequenceEqual(["cleanse", "rinse", "conditioner"]), "the routine as it is");

        _window.Press("Reset steps");
        _window.Press("the full way");
        _window.Press("our Sunday");
        _window.SeeText("Wash Oriel with our Sunday", "h1");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_phase_moves_as_a_whole_and_the_day_is_put_in_order_again()
    {
        Open();
        var before = Steps();
        _window.Press("Move Feed earlier");
        _window.Until(() => Array.IndexOf(Steps(), "deep-condition") < Array.IndexOf(Steps(), "cleanse"), "the feeding before the cleanse");
        _window.Press("Put in the order of the day");
        _window.Until(() => Steps().SequenceEqual(before), "the order of the day");
    }

    [Fact]
    public void Two_layers_are_worked_section_by_section_in_one_pass()
    {
        Open();
        OpenStep("oil");
        _window.Press("Section by section with Leave-in");
        _window.SeeText("with it", "li[data-step=oil]");

        // In the run both are said at once, and a section is ticked for both.
        _window.Wish(
            new
            {
                headId = DemoServer.Oriel,
                aim = "quick",
                style = "asItIs",
                when = new { mode = "startNow" },
                steps = new object[] { new { kind = "leave-in" }, new { kind = "oil", withPrevious = true } },
                edits = Array.Empty<object>(),
            }
        );
        _window.Go("/today");
        _window.See("li[data-step=oil]");
        _window.Press("Rehearse");
        _window.SeeText("Leave-in, oil", "h1");
        _window.SeeText("Then, on the same section: Oil.");
    }

    [Fact]
    public void Zone_heat_and_direction_of_a_step_change_on_screen()
    {
        Open();
        OpenStep("deep-condition");
        _window.Click("li[data-step=deep-condition] details summary");
        _window.Click("li[data-step=deep-condition] fieldset label:nth-of-type(3)");
        _window.SeeText("ends only", "li[data-step=deep-condition]");

        OpenStep("cover-2");
        _window.Click("li[data-step=cover-2] details summary");
        _window.Choose("Heat", "Hood, low");
        _window.SeeText("usual under the hood", "li[data-step=cover-2]");
    }

    [Fact]
    public void What_a_step_is_done_with_is_held_against_the_heads_list()
    {
        Open();
        OpenStep("leave-in");
        _window.Click("li[data-step=leave-in] details:last-of-type summary");
        _window.Click("li[data-step=leave-in] details details summary");
        _window.Fill("Product or mixture", "Soft milk");
        _window.Fill("What is in it", "water, fragrance");
        _window.Press("Use this");
        _window.See("article[data-finding=R33]");
        _window.SeeText("Soft milk", "li[data-step=leave-in]");

        _window.Fill("What is in it", "water, aloe");
        _window.Press("Use this");
        _window.Until(() => !_window.Has("article[data-finding=R33]"), "nothing from the list");
        _window.Press("Nothing in particular");
        _window.Until(
            () => !_window.Text("li[data-step=leave-in]").Contains("Soft milk", StringComparison.Ordinal),
            "nothing in particular"
        );
    }

    [Fact]
    public void Switching_a_school_says_what_changes_and_conflicts_are_explained()
    {
        Open();
        _window.Press("Options");
        _window.Click("[role=dialog] summary");
        _window.Choose("Deep condition on", "Blotted, near dry hair");
        _window.SeeText("ml instead of", "[data-school-changes]");
        _window.SeeText("Hair that is not full of water takes up the treatment.", "[data-school-changes]");
        _window.Press("Close");
        _window.SeeText("blotted, near dry hair, followed anyway. Low-porosity hair", "[data-school-conflicts]");
    }

    [Fact]
    public void Water_that_beads_off_is_asked_about_until_it_is_a_plan()
    {
        Open();
        _window.Press("Water beads off");
        _window.SeeText("When was the hair last clarified", "[data-question=clarified]");
        _window.Click("[data-question=clarified] button:first-of-type");
        _window.SeeText("What stays on the hair between washes?", "[data-question=layers]");
        _window.Click("[data-question=layers] button:last-of-type");
        _window.Click("[data-question=chemical] button:last-of-type");
        _window.SeeText("low porosity", "[data-question=beads]");
        _window.Click("[data-question=beads] button:first-of-type");
        _window.Click("[data-question=technique] button:last-of-type");
        _window.SeeText("Most likely low porosity", "[data-outcome]");
        _window.Press("Plan it like this");
        _window.Until(() => Steps().Contains("plant-gel") && !Steps().Contains("pre-poo"), "a plant gel in place of the pre-poo");
        OpenStep("cover");
        _window.SeeText("under the hood", "li[data-step=cover]");
    }

    [Fact]
    public void A_craft_figure_is_changed_used_and_put_back()
    {
        _window.Go("/today");
        _window.Keys_("f");
        _window.SeeText("Craft figures", "h1");
        _window.Fill("Find a figure", "deep condition");
        _window.FillIn("[data-figure='step.deep-condition.heated.usual'] input", "99");
        _window.SeeText("they have to be in that order", "[data-figure='step.deep-condition.heated.usual']");
        _window.FillIn("[data-figure='step.deep-condition.heated.usual'] input", "28");
        _window.SeeText("Reset to 25", "[data-figure='step.deep-condition.heated.usual']");

        Open();
        _window.Go("/figures");
        _window.Press("Reset all 1");
        _window.SeeText("Every figure is at its default.");
        _window.Press("Undo: bring our values back");
        _window.SeeText("1 changed here.");
        _window.Press("Reset all 1");
        _window.SeeText("Every figure is at its default.");
    }

    [Fact]
    public void An_overnight_day_and_a_refresh_say_what_they_are()
    {
        Open(
            new
            {
                headId = DemoServer.Oriel,
                aim = "moisture",
                style = "twists",
                when = new { mode = "startNow" },
                schools = new { length = "overnight" },
                edits = Array.Empty<object>(),
            }
        );
        _window.SeeText("after the night", "li[data-day-break]");
        _window.SeeText("Two days: start ");

        _window.Press("Aim: moisture");
        _window.Press("a mid-week refresh");
        _window.SeeText("Give Oriel a mid-week refresh", "h1");
        _window.Until(() => Steps().Contains("refresh") && !Steps().Contains("cleanse"), "a refresh without a wash");
    }
}
