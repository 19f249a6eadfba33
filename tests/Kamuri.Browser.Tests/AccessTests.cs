using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>axe is clean on every place and nothing sticks out of it, in both themes, wide and narrow.</summary>
public sealed class AccessTests(DemoServer server) : IClassFixture<DemoServer>
{
    /// <summary>
    /// Colours are a matter of the theme and space one of the width: two looks see both. All four are there when asked to be thorough.
    /// </summary>
    public static TheoryData<string, int> Looks =>
        Thorough.IsAsked
            ? new()
            {
                { "day", 1280 },
                { "night", 1280 },
                { "day", 390 },
                { "night", 390 },
            }
            : new() { { "day", 1280 }, { "night", 390 } };

    [Theory]
    [MemberData(nameof(Looks))]
    public void Every_place_can_be_used_by_everyone(string theme, int width)
    {
        using var window = new Window(server.Process.Address, width, 844, theme);
        window.Wish(DemoServer.Wish());
        var found = new List<string>();
        void Look(string where) =>
            found.AddRange(
                window.Axe().Concat(window.StickingOut().Select(each => $"sticks out: {each}")).Select(violation => $"{where}: {violation}")
            );

        foreach (
            var (path, ready) in new[]
            {
                ("/ahead", "h2"),
                ("/behind", "ol li"),
                ("/shelf", "main li button"),
                ("/shelf/amounts", "dl"),
                ("/shelf/labels", "textarea"),
                ("/shelf/jars", "[data-jar]"),
                ("/shelf/jars?batch=0199eeee-0000-7000-8000-000000000004", "[role=dialog]"),
                ("/shelf/formulas", "main li a"),
                ("/shelf/formulas/00000001-4b61-6d75-7269-000000000000", "main ol li"),
                ("/shelf/formulas/new?copy=00000001-4b61-6d75-7269-000000000000", "fieldset"),
                ("/shelf/warmth", "figure"),
                ("/shelf/to-buy", "main li"),
                ("/jar-label/0199eeee-0000-7000-8000-000000000002", "[data-jar-label]"),
                ("/heads", "[data-head-map]"),
                ($"/heads/{DemoServer.Oriel}", "article section"),
                ("/heads/new", "[role=radiogroup]"),
                ("/figures", "[data-figure]"),
                ("/household", "form"),
                ("/devices", "form"),
                ("/data", "section[aria-labelledby=backups] h2"),
                ("/today", "li[data-step]"),
            }
        )
        {
            window.Go(path);
            window.See(ready);
            if (ready == "textarea")
            {
                window.See(ready).SendKeys("Aqua, Glycerni, Kakapo dust, Shea Butter");
                window.See("[data-label-findings]");
            }

            Look(path);
        }

        window.Click("li[data-step=pre-poo] button[aria-expanded]");
        Look("/today, a step open");
        window.Click("li[data-step=pre-poo] details summary");
        window.Click("li[data-step=pre-poo] details:last-of-type summary");
        Look("/today, a step being changed");
        foreach (var (press, ready) in new[] { ("Options", "select"), ("My routines", "form"), ("Water beads off", "[data-question]") })
        {
            window.Press(press);
            window.See($"[role=dialog] {ready}");
            Look($"/today, {press}");
            window.Press("Close");
        }

        foreach (var (path, press) in new[] { ("/shelf", "Import or export"), ("/shelf/formulas", "Import") })
        {
            window.Go(path);
            window.Press(press);
            window.See("[role=dialog] input[type=file]");
            Look($"{path}, {press}");
        }

        window.Go("/today");
        window.Press("Rehearse");
        window.See("[data-main]");
        window.PressMain();
        window.Press("Tick section by section");
        window.SeeText("Section 1 done", "[data-main]");
        Look("/run");
        window.Keys_("f");
        window.SeeText("End the rehearsal");
        Look("/run, finish");

        window.Wish(DemoServer.Household(null, "Ama", "Kofi"));
        window.Go("/today");
        window.See("[data-household]");
        Look("/today, two heads");
        window.Press("Hands: Ama and Kofi, everyone home");
        window.See("[role=dialog] form");
        Look("/today, who is there");
        window.Press("Close");
        window.Press("Rehearse");
        window.See("[data-lanes]");
        Look("/run, two heads");
        window.Keys_("x");
        window.See("[data-mishap]");
        Look("/run, something is off");
        window.Click("[data-mishap=stings]");
        window.See("[data-way]");
        Look("/run, what to do");
        window.Press("Close");
        window.Keys_("s");
        window.SeeText("On another device too");
        Look("/run, sound and light");
        window.Press("Close");
        window.Keys_("r");
        window.SeeText("From the probe", "[role=dialog]");
        Look("/run, readings");

        Assert.Empty(found);
    }

    [Fact]
    public void Places_are_a_key_away_and_the_keys_are_shown()
    {
        using var window = new Window(server.Process.Address);
        window.Go("/today");
        foreach (var (key, path) in new[] { ("1", "/ahead"), ("3", "/behind"), ("4", "/shelf"), ("5", "/heads"), ("2", "/today") })
        {
            window.Keys_(key);
            window.Until(() => window.Path == path, path);
        }

        window.Keys_("?");
        window.SeeText("Undo the last change to the plan", "[role=dialog]");
    }

    [Fact]
    public void The_chosen_theme_is_there_again_after_a_reload()
    {
        using var window = new Window(server.Process.Address);
        window.Go("/heads");
        window.Press("Night theme");
        window.Go("/heads");
        Assert.Equal("night", window.Script("return document.documentElement.dataset.theme"));
    }

    [Theory]
    [InlineData("/today", 48)]
    [InlineData("/run", 64)]
    public void Targets_are_large_enough(string where, int least)
    {
        using var window = new Window(server.Process.Address, 390, 844);
        window.Wish(DemoServer.Wish());
        window.Go("/today");
        window.See("li[data-step]");
        if (where == "/run")
        {
            window.Press("Rehearse");
            window.See("[data-main]");
        }

        var small = window.Script(
            "return [...document.querySelectorAll('main button, footer button, header button, nav a')].filter((b) => "
                + $"b.offsetParent && !b.closest('h1') && b.getBoundingClientRect().height < {least}).map((b) => b.textContent "
                + "+ b.ariaLabel).join('; ')"
        );

        Assert.Equal("", small);
    }
}
