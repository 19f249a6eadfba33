using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>Several heads in one day: asked for, placed, run from two screens, and what goes wrong in it.</summary>
public sealed class HouseholdTests(DemoServer server) : IClassFixture<DemoServer>
{
    [Fact]
    public void A_second_head_joins_the_sentence_the_plait_and_the_list()
    {
        using var window = new Window(server.Process.Address);
        window.Wish(DemoServer.Wish());
        window.Go("/today");
        window.See("li[data-step]");
        window.Press("Add a head to this day");
        window.Press("Wren");
        window.SeeText("and Wren in the braids for", "h1");
        window.See("[data-household]");
        window.Click("[data-more] summary");
        window.SeeText("No plan", "[data-more]");
        Assert.Equal(2, window.Count("[data-finish]"));
        Assert.Equal(1, window.Count("[data-thread]"));
        window.Click("[aria-label='Whose steps are shown'] button");
        window.SeeText("Tool detangle", "main");

        // A second pair of hands is a second thread; the shower is taken for a while.
        window.Press("One pair of hands, everyone home");
        window.Press("A second pair of hands");
        window.Fill("Name", "Ama");
        window.Press("Add something in use");
        window.Press("Plan with this");
        window.SeeText("Hands: Ama and Helper, around who and what is free");
        window.Until(() => window.Count("[data-thread]") == 2, "two threads");

        window.Press("Undo");
        window.SeeText("One pair of hands, everyone home");
        window.Press("Head 2: Wren");
        window.Press("Remove this head");
        window.Until(() => !window.Text("h1").Contains("Wren", StringComparison.Ordinal), "one head");
        Assert.False(window.Has("[data-household]"));
        Assert.Empty(window.Complaints());
    }

    [Fact]
    public async Task A_longer_search_tells_how_far_it_is_and_what_it_came_to()
    {
        var day = await server.LongDayAsync();
        using var window = new Window(server.Process.Address);
        window.Wish(day);
        window.Go("/today");
        window.Click("[data-more] summary");
        window.SeeText("No plan can finish before", "[data-more]");
        window.Press("Look longer for a better plan");
        window.Until(
            () => window.Has("[data-longer] progress") || window.Text("[data-longer]").Contains("ound", StringComparison.Ordinal),
            "progress"
        );
        if (!Thorough.IsAsked && window.Has("[data-longer] progress"))
        {
            // It takes a minute; who has seen enough has the offer back.
            window.Press("Stop");
            window.SeeText("Look longer for a better plan", "[data-longer]");
            return;
        }

        window.Until(() => window.Text("[data-longer]").Contains("ound", StringComparison.Ordinal), "what was found", 180);
        if (window.Text("[data-longer]").Contains("Use this plan", StringComparison.Ordinal))
        {
            var before = window.Text("[data-household]");
            window.Press("Use this plan");
            window.Until(() => !window.Has("[data-longer]") && window.Text("[data-household]") != before, "the better plan");
        }

        Assert.Empty(window.Complaints());
    }

    [Fact]
    public void What_does_not_fit_is_said_at_its_field_and_nothing_is_lost()
    {
        using var window = new Window(server.Process.Address);
        window.Wish(DemoServer.Household(null, "Ama", "ama"));
        window.Go("/today");
        window.SeeText("Two pairs of hands need two names.");
        window.Press("Hands: Ama and ama, everyone home");
        window.Press("Plan with this");
        window.SeeText("Two pairs of hands need two names.", "[role=dialog]");
        Assert.Equal(2, window.Count("[role=dialog] input[value='Ama'], [role=dialog] input[value='ama']"));
    }

    [Fact]
    public void An_hour_that_cannot_be_met_comes_with_what_would_make_it()
    {
        using var window = new Window(server.Process.Address);
        var soon = DateTime.Now.AddHours(2);
        window.Wish(
            DemoServer.Household(
                new
                {
                    mode = "readyBy",
                    time = soon.ToString("HH:mm:00", null),
                    date = soon.ToString("yyyy-MM-dd", null),
                },
                "Ama"
            )
        );
        window.Go("/today");
        window.See("[data-why-not]");
        window.Until(() => !window.Text("[data-why-not]").Contains("Looking", StringComparison.Ordinal), "an answer", 60);
        Assert.Matches("Start by|Without|second pair|dries|One or two changes", window.Text("[data-why-not]"));
    }

    [Fact]
    public void A_day_that_starts_while_people_sleep_is_begun_before_or_after_with_one_press()
    {
        using var window = new Window(server.Process.Address);
        window.Wish(
            DemoServer.Household(
                new
                {
                    mode = "readyBy",
                    time = "07:30:00",
                    date = DateTime.Now.AddDays(2).ToString("yyyy-MM-dd", null),
                },
                "Ama",
                "Kofi"
            )
        );
        window.Go("/today");
        window.SeeText("while people sleep", "main");
        window.Press("Do it the day before");
        window.SeeText("around who and what is free", "main");
        window.Until(() => !window.Text("main").Contains("while people sleep", StringComparison.Ordinal), "a day without the night", 30);
        Assert.Matches("Start at (1[0-9]|2[0-2]|0[7-9]):", window.Text("[data-household]"));
        window.Press("Undo");
        window.SeeText("while people sleep", "main");
        Assert.Empty(window.Complaints());
    }

    [Fact]
    public void A_day_of_two_heads_is_kept_for_later_and_opened_again()
    {
        using var window = new Window(server.Process.Address);
        window.Wish(
            DemoServer.Household(
                new
                {
                    mode = "startAt",
                    time = "10:00:00",
                    date = DateTime.Now.AddDays(3).ToString("yyyy-MM-dd", null),
                },
                "Ama",
                "Kofi"
            )
        );
        window.Go("/today");
        window.Until(() => window.Count("[data-thread]") == 2, "the plait", 30);
        window.Press("Save the day");
        window.SeeText("what to start early.");
        window.Wish(DemoServer.Wish());
        window.Go("/ahead");
        window.SeeText("Oriel and Wren", "[aria-label='Planned days']");
        window.SeeText("Start at 10:00 on ", "[aria-label='Planned days']");
        Assert.Matches("Start at 10:00 on [A-Z][a-z]+day. Done: ", window.Text("[aria-label='Planned days']"));
        window.Script(
            "[...document.querySelectorAll(\"[aria-label='Planned days'] li\")].find((day) => "
                + "day.textContent.includes('Oriel and Wren')).querySelector('button').click()"
        );
        window.Until(() => window.Path == "/today", "today");
        window.SeeText("Hands: Ama and Kofi");
        Assert.Matches("Wash Oriel .* and Wren .* at 10:00", window.Text("h1"));

        // Saved again it is the same day, changed, and can go back.
        window.Press("Save the day");
        window.SeeText("The planned day is changed.");
        window.Click("[role=status] button");
        window.Go("/ahead");
        window.SeeText("Oriel and Wren", "[aria-label='Planned days']");
        Assert.Equal(
            1L,
            window.Script(
                "return [...document.querySelectorAll(\"[aria-label='Planned days'] li\")]"
                    + ".filter((day) => day.textContent.includes('Oriel and Wren')).length"
            )
        );
        Assert.Empty(window.Complaints());
    }

    [Fact]
    public async Task A_thermometer_in_the_tea_moves_the_wait_for_it()
    {
        using var window = new Window(server.Process.Address, 390, 844);
        window.Wish(DemoServer.Wish());
        window.Go("/today");
        window.Press("Rehearse");
        window.See("[data-main]");
        await Rehearsal.LiveThroughAsync(server.Process, window.Path.Split('/')[^1], view =>
            view["tasks"]!.AsArray().Any(task => task!["cools"] is not null && task["status"]!.GetValue<string>() == "running")
        );
        // Seen on a phone above all that has to be scrolled to.
        window.SeeText("Tea cooling", "[data-counting-lines]");
        window.Keys_("r");
        window.SeeText("The temperature is for", "[role=dialog]");
        window.Press("From the probe");
        window.Until(() => window.Has("[role=dialog] button[aria-label='Save: How warm']:enabled"), "a reading");
        Assert.Empty(window.Axe());
        window.Click("[role=dialog] button[aria-label='Save: How warm']");
        window.Until(
            () =>
                System.Text.RegularExpressions.Regex.IsMatch(
                    window.Text("[data-readings]"),
                    "Tea cooling, [0-9.]+ °C: (comfortable in|ready to use|no longer warm)"
                ),
            "what it means"
        );
        Assert.Empty(window.Complaints());
    }

    [Fact]
    public async Task Two_heads_are_run_from_two_screens_and_something_goes_wrong()
    {
        await server.EndDaysAsync();
        using var bath = new Window(server.Process.Address);
        using var kitchen = new Window(server.Process.Address, 390, 844, "night");
        bath.Wish(DemoServer.Household(null, "Ama", "Kofi"));
        bath.Go("/today");
        bath.Press("Begin now");
        bath.See("[data-lanes]");
        kitchen.Go(bath.Path);
        kitchen.See("[data-lanes]");
        kitchen.Press("Kofi");

        bath.SeeText("Look and section", "h1");
        bath.PressMain();
        bath.Press("Tick section by section");
        bath.SeeText("Section 1 done", "[data-main]");
        bath.PressMain();
        kitchen.Until(
            () =>
                kitchen.Text("[data-lanes]").Contains("1 of 6 sections", StringComparison.Ordinal)
                || kitchen.Text("[data-lanes]").Contains("1 of 4 sections", StringComparison.Ordinal),
            "the tick of the other screen",
            2
        );

        bath.Keys_("x");
        bath.Click("[data-mishap=unsureOfSections]");
        bath.SeeText("Doing one twice is better", "[data-advice]");
        bath.Click("[data-way=again]");
        bath.SeeText("Section 1 done", "[data-main]");
        kitchen.Until(() => !kitchen.Text("[data-lanes]").Contains("1 of", StringComparison.Ordinal), "no ticks on the other screen", 2);

        bath.Press("Something’s offx");
        bath.Click("[data-mishap=tooHot]");
        bath.SeeText("must be 40 °C at most", "[data-advice]");
        bath.Click("[data-way=cool]");
        bath.SeeText("Rinse with cool water");
        bath.Keys_("u");
        bath.Until(() => !bath.Text().Contains("Rinse with cool water", StringComparison.Ordinal), "taken back");
        Assert.Empty(bath.Complaints());
    }

    [Fact]
    public async Task What_is_pressed_out_of_reach_is_kept_in_order_and_counts_once()
    {
        await server.EndDaysAsync();
        using var window = new Window(server.Process.Address);
        window.Wish(DemoServer.Wish("quick", "washAndGo"));
        window.Go("/today");
        window.Press("Begin now");
        window.See("[data-main]");
        window.PressMain();
        window.Press("Tick section by section");
        window.SeeText("Section 1 done", "[data-main]");
        window.Offline(true);
        window.Keys_("n");
        window.Keys_("Written in the cellar", "textarea");
        window.Press("Save note");
        window.SeeText("Kamuri is out of reach. What you press is saved and sent later.");
        window.PressMain();
        // What was pressed is shown, so that nobody presses it again.
        window.SeeText("Section 2 done", "[data-main]");
        window.PressMain();
        window.SeeText("Section 3 done", "[data-main]");
        Assert.NotNull(window.Script($"return localStorage.getItem('kamuri.waiting.{window.Path[5..]}')"));
        window.Offline(false);
        window.SeeText("2 of 6 sections");
        window.Until(
            () => window.Script($"return localStorage.getItem('kamuri.waiting.{window.Path[5..]}')") is null,
            "nothing left to send"
        );
    }
}
