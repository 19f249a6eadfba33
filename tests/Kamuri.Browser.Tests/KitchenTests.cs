using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>Formulas are made into jars, jars are used in plans, warmth is watched, and what is past its day stops a plan.</summary>
public sealed class KitchenTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
{
    private const string FirmGel = "/shelf/formulas/00000001-4b61-6d75-7269-000000000000";
    private readonly Window _window = new(server.Process.Address);

    public void Dispose() => _window.Dispose();

    private void OpenStep(string step)
    {
        _window.Click($"li[data-step={step}] button[aria-expanded=false]");
        _window.Click($"li[data-step={step}] details:last-of-type summary");
    }

    [Fact]
    public void A_formula_is_scaled_made_into_a_jar_labelled_and_taken_back()
    {
        _window.Wish(DemoServer.Wish());
        _window.Go(FirmGel);
        _window.SeeText("Oriel takes", "main");
        _window.SeeText("flaxseed", "main dl");
        _window.Press("I made it: save the jar");
        _window.SeeText("Saved: Firm seed gel, in the fridge.", "[role=status]");

        _window.Press("Print the label");
        _window.See("svg[data-jar-label] path");
        var label = _window.See("svg[data-jar-label]").GetAttribute("aria-label")!;
        Assert.StartsWith("Firm seed gel. Made ", label, StringComparison.Ordinal);
        Assert.Contains("Use by ", label, StringComparison.Ordinal);
        Assert.Equal(
            "hidden",
            _window.Script(
                """
                const css = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]).map((rule) => rule.cssText).join(' ')
                return css.includes('print') && document.querySelector('.print\\:hidden') ? 'hidden' : 'shown'
                """
            )
        );

        _window.Press("Back to the jar");
        _window.SeeText("Firm seed gel", "[role=dialog]");
        _window.Press("Something is wrong with it");
        _window.SeeText("throw it out", "[role=dialog]");
        _window.Press("Undo the last change");
        _window.SeeText("Good for", "[role=dialog]");
        _window.Fill("Why throw it out", "only a trial");
        _window.Press("Throw out");
        _window.SeeText("Used up or thrown out.", "[role=dialog]");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_formula_chosen_in_a_plan_is_cooked_in_it()
    {
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        OpenStep("pre-poo");
        _window.Choose("Made fresh", "Warmed oil");
        _window.SeeText("Warmed oil", "li[data-step=pre-poo] [data-mixture]");
        _window.SeeText("olive oil", "section[aria-label=\"In the kitchen\"]");
        _window.Until(
            () => _window.Text("li[data-step=pre-poo]").Contains("Warmed oil", StringComparison.Ordinal),
            "what the step is done with"
        );

        // Amounts are written the way the household likes.
        var before = _window.Text("section[aria-label=\"In the kitchen\"]");
        Assert.Contains(" ml", before, StringComparison.Ordinal);
        _window.Click("section[aria-label=\"In the kitchen\"] button[aria-label^=\"Amounts in\"]");
        _window.Press("spoons and cups");
        _window.Until(() => _window.Text("section[aria-label=\"In the kitchen\"]").Contains("tbsp", StringComparison.Ordinal), "spoons");
        _window.Click("section[aria-label=\"In the kitchen\"] button[aria-label^=\"Amounts in\"]");
        _window.Press("millilitres");
        _window.Until(
            () => !_window.Text("section[aria-label=\"In the kitchen\"]").Contains("tbsp", StringComparison.Ordinal),
            "millilitres"
        );
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public async Task The_rest_of_a_whole_batch_stands_in_a_jar_when_the_day_is_finished()
    {
        await server.EndDaysAsync();
        async Task<int> JarsAsync() =>
            (await server.Process.SendAsync(HttpMethod.Get, "/api/batches"))
                .Body!.AsArray()
                .Count(jar => jar!["name"]!.GetValue<string>() == "Infused oil");
        var before = await JarsAsync();
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        OpenStep("pre-poo");
        _window.Choose("Made fresh", "Infused oil");
        _window.Check("Make the whole batch and keep the rest in a jar");
        _window.SeeText("goes into a jar when you finish the day", "li[data-step=pre-poo]");
        _window.Press("Begin now");
        _window.Until(() => _window.Path.StartsWith("/run/", StringComparison.Ordinal), "the run");

        var events = $"/api/sessions/{_window.Path.Split('/')[2]}/events";
        foreach (var (kind, task) in new[] { ("taskDone", "pre-poo"), ("finished", null) })
        {
            Assert.Equal(
                200,
                (
                    await server.Process.SendAsync(
                        HttpMethod.Post,
                        events,
                        new
                        {
                            id = Guid.NewGuid(),
                            kind,
                            task,
                        }
                    )
                ).Status
            );
        }

        Assert.Equal(before + 1, await JarsAsync());
        _window.Go("/shelf/jars");
        _window.SeeText("Infused oil");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void What_was_used_last_time_is_in_its_step_by_itself_and_one_press_opens_what_else_there_is()
    {
        const string needs = "section[aria-label=\"What this day needs\"]";
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        _window.SeeText("Soft Milk", needs);
        _window.SeeText("From the shelf", needs);
        _window.SeeText("products cost", "section[aria-label=\"In the kitchen\"]");
        _window.Press("Leave-in: use something else");
        _window.SeeText("Soft Milk", "li[data-step=leave-in]");
        _window.Press("Nothing in particular");
        _window.Until(() => !_window.Text(needs).Contains("Soft Milk", StringComparison.Ordinal), "nothing in particular");
        _window.SeeText("To buy", needs);
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_jar_past_its_day_stops_the_plan_and_another_way_mends_it()
    {
        _window.Wish(
            DemoServer.Wish(
                edits:
                [
                    new
                    {
                        kind = "add",
                        stepKind = "plant-gel",
                        after = "look",
                    },
                ]
            )
        );
        _window.Go("/today");
        OpenStep("plant-gel");
        _window.Until(() => _window.Has("li[data-step=plant-gel] select"), "what it can be done with");
        _window.ChooseBeginning("A jar", "Leaf gel");
        _window.SeeText("expired on", "article[data-finding=R30]");
        _window.Until(() => !_window.See("main").FindElement(OpenQA.Selenium.By.XPath("//button[.='Begin now']")).Enabled, "the plan held");

        _window.ChooseBeginning("A jar", "Thin seed gel");
        _window.Until(
            () =>
                !_window.Has("article[data-finding=R30]")
                || !_window.Text("article[data-finding=R30]").Contains("expired on", StringComparison.Ordinal),
            "the stop gone"
        );
        _window.Until(() => _window.See("main").FindElement(OpenQA.Selenium.By.XPath("//button[.='Begin now']")).Enabled, "the plan free");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_day_is_kept_for_later_and_Ahead_says_what_to_begin()
    {
        _window.Go("/ahead");
        _window.SeeText("Grain water for Oriel", "section[aria-label=\"Start ahead\"]");
        _window.SeeText("Leaf gel", "section[aria-label=\"Start ahead\"]");
        _window.SeeText("rosemary extract", "section[aria-label=\"Start ahead\"]");

        _window.Wish(
            DemoServer.Wish(
                when: new
                {
                    mode = "startAt",
                    time = "10:00:00",
                    date = DateTime.Now.AddDays(4).ToString("yyyy-MM-dd", null),
                }
            )
        );
        _window.Go("/today");
        _window.Press("Save the day");
        _window.SeeText("Ahead shows what to start early.");
        _window.Go("/ahead");
        _window.Until(() => _window.Count("section[aria-label=\"Planned days\"] li") == 2, "two days");
        _window.Click("section[aria-label=\"Planned days\"] li:last-of-type button:last-of-type");
        _window.Press("Undo");
        _window.Until(() => _window.Count("section[aria-label=\"Planned days\"] li") == 2, "two days again");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void The_probe_corrects_the_curve()
    {
        _window.Go("/shelf/warmth");
        _window.SeeText("Comfortable from", "[data-warmth]");
        _window.SeeText("Based on your craft figures.", "figure");
        _window.Click("input[type=checkbox]");
        const string Probe = "output[aria-label=\"The probe shows\"]";
        _window.See(Probe);
        _window.Press("Use this reading");
        _window.SeeText("1 reading");
        // The bowl cools: the next reading is another one.
        var shown = _window.Text(Probe);
        _window.Until(() => _window.Text(Probe) != shown, "another reading");
        _window.Press("Use this reading");
        _window.SeeText("Fitted to your readings.", "figure");
        _window.SeeText("Your readings give a cooling rate of");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_formula_from_elsewhere_is_brought_in_and_its_faults_are_placed()
    {
        using var file = new TextFile(
            "rinse.md",
            "# Malt rinse\n\n## Ingredients\n\n- 300 ml water\n- 2 spoonfuls malt\n\n## Method\n\n1. Stir {malt} into {water} (3 min)\n"
        );
        _window.Go("/shelf/formulas");
        _window.Press("Import");
        _window.Attach("[role=dialog] input[type=file]", file.Path);
        _window.Press("Import this formula");
        _window.SeeText("line 6", "[role=dialog] [role=alert]");
        _window.Fill(
            "Formula text",
            "# Malt rinse\n\n## Ingredients\n\n- 300 ml water\n- 2 tbsp malt\n\n## Method\n\n1. Stir {malt} into {water} (3 min)\n"
        );
        _window.Press("Import this formula");
        _window.SeeText("Malt rinse", "h1");
        _window.SeeText("Stir 30 ml malt into 300 ml water", "main ol");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_formula_is_copied_changed_and_refused_where_it_is_wrong()
    {
        _window.Go("/shelf/formulas/new?copy=0000000a-4b61-6d75-7269-000000000000");
        _window.Until(() => _window.Has("fieldset input"), "the copy");
        _window.FillIn("main form input", "Evening tea");
        _window.SeeText("Evening tea", "h1");
        _window.Press("Edit");
        _window.Until(() => _window.Has("fieldset input"), "the formula to change");
        _window.FillIn("fieldset input[type=number]", "0");
        _window.SeeText("Enter more than 0");
        _window.FillIn("fieldset input[type=number]", "300");
        _window.SeeText("Evening tea", "h1");
        _window.See("main ol li");
        _window.Go("/shelf/formulas");
        _window.SeeText("300 ml water", "main");
        Assert.Empty(_window.Complaints());
    }
}
