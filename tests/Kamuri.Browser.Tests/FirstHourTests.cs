using Kamuri.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

/// <summary>What would trip somebody who is new: lost keyboards, names that do not tell apart, pages without a title.</summary>
public sealed class FirstHourTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
{
    private const string Active = "return (document.activeElement.getAttribute('aria-label') ?? document.activeElement.textContent).trim()";

    private static readonly string[] Pages =
    [
        "ahead",
        "today",
        "shelf",
        "shelf/jars",
        "shelf/formulas",
        "shelf/formulas/new",
        "shelf/amounts",
        "shelf/labels",
        "shelf/warmth",
        "shelf/to-buy",
        "heads",
        $"heads/{DemoServer.Bram}",
        "heads/new",
        "figures",
        "household",
        "devices",
    ];

    private readonly Window _window = new(server.Process.Address);

    public void Dispose() => _window.Dispose();

    [Fact]
    public void Every_page_has_a_title_and_every_link_and_button_a_name_of_its_own()
    {
        var titles = new List<string>();
        foreach (var page in Pages)
        {
            _window.Go($"/{page}");
            _window.See("main h1");
            _window.Until(() => _window.Text("main h1").Length > 0, page);
            titles.Add((string)_window.Script("return document.title")!);
            var alike = _window.Script(
                """
                const names = [...document.querySelectorAll('main a, main button')].filter((each) => each.checkVisibility())
                  .map((each) => each.tagName + ' ' + (each.getAttribute('aria-label') ?? each.textContent).trim())
                return names.filter((name, n) => names.indexOf(name) !== n || /^[A-Z]+ $/.test(name)).join('; ')
                """
            );
            Assert.True(alike is "", $"{page}: {alike}");
        }

        Assert.Equal(titles.Order(), titles.Distinct().Order());
        Assert.All(titles, title => Assert.Matches("^.+ – Kamuri$", title));
    }

    [Fact]
    public void On_a_phone_nothing_moves_while_a_page_loads()
    {
        _window.Resize(390, 844);
        foreach (var page in Pages.Append("behind"))
        {
            _window.Go($"/{page}");
            _window.See("main h1");
            // What a page still waits for has come when nothing is asked any more.
            _window.Until(
                () =>
                    _window.Script(
                        """
                        const asked = performance.getEntriesByType('resource')
                        return asked.every((each) => performance.now() - each.responseEnd > 400) && performance.now() > 800
                        """
                    )
                        is true,
                $"{page} at rest"
            );
            _window.Script(
                """
                window.moved = null
                new PerformanceObserver((list) => {
                  window.moved = list.getEntries().reduce((sum, each) => sum + (each.hadRecentInput ? 0 : each.value), 0)
                }).observe({ type: 'layout-shift', buffered: true })
                setTimeout(() => { window.moved ??= 0 }, 100)
                """
            );
            _window.Until(() => _window.Script("return window.moved") is not null, "what has moved");
            var moved = Convert.ToDouble(_window.Script("return window.moved"), System.Globalization.CultureInfo.InvariantCulture);
            Assert.True(moved <= 0.05, $"{page} moved by {moved}");
        }
    }

    [Fact]
    public void Days_are_named_against_the_household_s_day_from_the_first_look_on()
    {
        _window.Go("/behind");
        _window.SeeText("Wash days of everyone");
        _window.See("main ol li");
        // The record of the demo ends yesterday.
        Assert.DoesNotContain("Today", _window.Text("main ol"), StringComparison.Ordinal);
        _window.Go("/ahead");
        _window.SeeText($"Today is {DateTime.Now:dddd d MMMM}");
    }

    [Fact]
    public void The_keyboard_comes_back_to_what_opened_a_dialog_and_stays_on_what_was_changed()
    {
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        _window.See("li[data-step=deep-condition]");
        foreach (var name in new[] { "Options", "My routines", "Water beads off", "One pair of hands, everyone home" })
        {
            Focus(name);
            _window.Keys_(Keys.Enter, ":focus");
            _window.See("[role=dialog]");
            _window.Keys_(Keys.Escape, ":focus");
            _window.Until(() => !_window.Has("[role=dialog]"), "no dialog");
            _window.Until(() => Equals(_window.Script(Active), name), $"the keyboard on {name}, not on {_window.Script(Active)}");
        }

        // A step that moves into another phase is drawn elsewhere.
        _window.Click("li[data-step=cool-rinse] button");
        Focus("Move Cool rinse later");
        _window.Keys_(Keys.Enter, ":focus");
        _window.Until(
            () => _window.Has("main button:not([disabled])") && _window.Text().Contains("Undo", StringComparison.Ordinal),
            "moved"
        );
        _window.Until(
            () => _window.Script(Active)!.ToString()!.StartsWith("Move Cool rinse", StringComparison.Ordinal),
            $"the keyboard on the step, not on {_window.Script(Active)}"
        );

        _window.Go("/heads/new");
        _window.Press("Save and plan a day");
        _window.Until(() => Labelled() == "Name", "the keyboard on the first field that is wrong");

        _window.Go($"/heads/{DemoServer.Bram}");
        _window.Press("Edit: What suits it");
        _window.Press("Add a fragile zone");
        Assert.Equal("Zone", Labelled());
        _window.Press("Cancel");
        _window.Until(
            () => _window.Script(Active)!.ToString()!.StartsWith("Edit: What suits it", StringComparison.Ordinal),
            "the keyboard on what opened the fields"
        );

        _window.Go("/shelf/formulas/new");
        _window.Press("Add an ingredient");
        Assert.Equal("Name", Labelled());
        Assert.DoesNotContain(_window.Complaints(), each => !each.Contains("400", StringComparison.Ordinal));
    }

    [Fact]
    public void A_day_can_be_typed_and_what_was_understood_is_underlined()
    {
        _window.Wish(DemoServer.Wish("quick", "washAndGo"));
        _window.Go("/today");
        _window.See("li[data-step]");
        _window.Press("Write it");
        _window.Fill("Write it", "please wash Oriel and Bram, moisture, ready by 6pm tomorrow" + Keys.Enter);
        _window.SeeText("and Bram for moisture", "h1");
        _window.SeeText("dry by 18:00 tomorrow", "h1");
        Assert.Equal(5, _window.Count("p[role=status] u"));
        _window.Fill("Write it", "nothing of the kind" + Keys.Enter);
        _window.SeeText("Nothing was understood.");
        _window.SeeText("and Bram for moisture", "h1");
        _window.Press("Undo");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_plan_that_is_refused_keeps_its_sentence_and_draws_nothing_old()
    {
        _window.Wish(DemoServer.Wish("quick", "washAndGo"));
        _window.Go("/today");
        _window.See("li[data-step]");
        _window.SeeText("without a tea rinse", "h1");
        _window.Press("Options");
        _window.Choose("Heat for treatments", "Steamer");
        _window.Press("Close");
        _window.SeeText("There is no steamer in the household", "[role=alert]");
        _window.SeeText("without a tea rinse", "h1");
        Assert.False(_window.Has("li[data-step]"));
        Assert.DoesNotContain("No problems found", _window.Text(), StringComparison.Ordinal);
        _window.Press("Undo");
        _window.See("li[data-step]");
    }

    [Fact]
    public void A_page_that_is_opened_from_another_takes_the_keyboard()
    {
        _window.Go("/heads");
        Focus("Add a head");
        _window.Keys_(Keys.Enter, ":focus");
        _window.Until(() => _window.Path == "/heads/new", "the form");
        _window.Until(() => _window.Script("return document.activeElement.id") is "place", "the keyboard on the page");
    }

    [Fact]
    public void Nothing_is_checked_or_asked_while_somebody_types()
    {
        _window.Go("/shelf/formulas/new");
        _window.Fill("In the fridge", "180");
        _window.Fill("Name", "Slow gel");
        Assert.Equal("180", _window.ValueOf("In the fridge"));
        var second = _window.See("fieldset input[type=number]:not(:disabled)");
        Assert.NotNull(second);

        _window.Go($"/heads/{DemoServer.Bram}");
        _window.Press("Edit: Today");
        _window.Fill("Last wash", "6 De");
        Assert.Empty(_window.Complaints());
        _window.Fill("Last wash", "nonsense\t");
        _window.SeeText("Write a day like today, Saturday or 6 December.");
        Assert.Equal("nonsense", _window.ValueOf("Last wash"));
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_head_shows_its_own_days_by_step_and_month()
    {
        const string days = "section[aria-label='Wash days']";
        _window.Go($"/heads/{DemoServer.Bram}");
        _window.Until(() => _window.Count($"{days} li") == 5, "its last days");
        _window.Press("Show earlier days");
        _window.Until(() => _window.Count($"{days} li") == 10, "the days before");

        _window.Press("any steps");
        _window.Press("light protein");
        _window.SeeText("No wash day like that is on record.", days);
        _window.Press("light protein");
        _window.Press("a detox soak");
        _window.Until(() => _window.Count($"{days} li") > 0, "days with a detox soak");
        Assert.All(_window.Text(days).Split('\n').Where(line => line.Contains(" into ", StringComparison.Ordinal)), line =>
            Assert.StartsWith("a reset", line, StringComparison.Ordinal)
        );
        Assert.Empty(_window.Complaints());
    }

    /// <summary>Puts the keyboard on what is called so.</summary>
    private void Focus(string name) =>
        _window.Script(
            $$"""
            [...document.querySelectorAll('main a, main button')]
              .find((each) => (each.getAttribute('aria-label') ?? each.textContent).trim() === "{{name}}").focus()
            """
        );

    private string Labelled() => (string)_window.Script("return document.activeElement.labels?.[0]?.textContent ?? ''")!;
}
