using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>Refreshes docs/screenshots from the demo household. Run on purpose: ./kamuri shots.</summary>
public sealed class Screenshots(DemoServer server) : IClassFixture<DemoServer>
{
    private static object Tomorrow =>
        DemoServer.Wish(
            when: new
            {
                mode = "readyBy",
                time = "18:00:00",
                date = DateTime.Now.AddDays(1).ToString("yyyy-MM-dd", null),
            }
        );

    private static string File(string name) => Path.Combine(Repository.Screenshots, name + ".png");

    [Theory(Explicit = true)]
    [InlineData("ahead", "/ahead", "h2", "day", 1280)]
    [InlineData("today-plan", "/today", "li[data-step]", "day", 1280)]
    [InlineData("today-plan-night", "/today", "li[data-step]", "night", 1280)]
    [InlineData("today-plan-phone", "/today", "li[data-step]", "day", 390)]
    [InlineData("behind", "/behind", "ol li", "day", 1280)]
    [InlineData("shelf", "/shelf", "main li button", "day", 1280)]
    [InlineData("describe", "/heads/new", "[role=radiogroup]", "day", 1280)]
    [InlineData("shelf-jars", "/shelf/jars", "[data-jar]", "day", 1280)]
    [InlineData("shelf-formula", "/shelf/formulas/00000022-4b61-6d75-7269-000000000000", "main ol li", "day", 1280)]
    [InlineData("jar-label", "/jar-label/0199eeee-0000-7000-8000-000000000001", "[data-jar-label]", "day", 1280)]
    [InlineData("heads", "/heads", "[data-head-map]", "day", 1280)]
    [InlineData("head", $"/heads/{DemoServer.Oriel}", "article section", "day", 1280)]
    [InlineData("figures", "/figures", "[data-figure]", "day", 1280)]
    public void A_place(string name, string path, string ready, string theme, int width)
    {
        using var window = new Window(server.Process.Address, width, width < 600 ? 1400 : 800, theme);
        window.Wish(Tomorrow);
        window.Go(path);
        window.See(ready);
        Thread.Sleep(600);
        window.Photograph(File(name));
    }

    [Fact(Explicit = true)]
    public void A_label()
    {
        using var window = new Window(server.Process.Address);
        window.Go("/shelf/labels");
        window
            .See("textarea")
            .SendKeys(
                "Aqua, Butyrospermum Parkii (Shea) Butter, Glycerni, Cetearyl Alcohol, Ricinus Communis (Castor) Seed "
                    + "Oil, Hydrolyzed Baobab Protein, Kakapo Dust, Parfum, Phenoxyethanol. May contain: CI 77891"
            );
        window.SeeText("Mostly seals heavily", "[data-label-findings]");
        Thread.Sleep(300);
        window.Photograph(File("shelf-labels"));
    }

    [Fact(Explicit = true)]
    public void A_bowl_that_cools()
    {
        using var window = new Window(server.Process.Address);
        window.Go("/shelf/warmth");
        window.See("figure");
        window.Click("input[type=checkbox]");
        window.See("output[aria-label=\"The probe shows\"]");
        foreach (var wait in new[] { 1500, 3500 })
        {
            Thread.Sleep(wait);
            window.Press("Use this reading");
        }

        window.SeeText("Fitted to your readings.", "figure");
        Thread.Sleep(600);
        window.Photograph(File("shelf-warmth"));
    }

    [Fact(Explicit = true)]
    public void A_past_day()
    {
        using var window = new Window(server.Process.Address);
        window.Go("/behind");
        window.Click("ol li a");
        window.See("table");
        Thread.Sleep(300);
        window.Photograph(File("behind-review"));
    }

    [Fact(Explicit = true)]
    public void A_day_with_two_heads()
    {
        using var window = new Window(server.Process.Address, 1280, 900);
        window.Wish(
            DemoServer.Household(
                new
                {
                    mode = "startAt",
                    time = "10:00:00",
                    date = DateTime.Now.AddDays(1).ToString("yyyy-MM-dd", null),
                },
                "Ama",
                "Kofi"
            )
        );
        window.Go("/today");
        window.Until(() => window.Count("[data-thread]") == 2, "the plait");
        Thread.Sleep(600);
        window.Photograph(File("today-household"));
    }

    [Theory(Explicit = true)]
    [InlineData("today-run-night", "night", 1280, "18:00:00")]
    [InlineData("today-run-phone", "day", 390, "10:00:00")]
    public async Task A_running_day_with_two_heads(string name, string theme, int width, string begins)
    {
        using var window = new Window(server.Process.Address, width, width < 600 ? 1400 : 860, theme);
        window.Wish(
            DemoServer.Household(
                new
                {
                    mode = "startAt",
                    time = begins,
                    date = DateTime.Now.AddDays(1).ToString("yyyy-MM-dd", null),
                }
            )
        );
        window.Go("/today");
        window.Press("Rehearse");
        window.See("[data-main]");
        // On until something works by itself on one head while hands are on another, the second section of several in hand.
        await Rehearsal.LiveThroughAsync(server.Process, window.Path.Split('/')[^1], view =>
            view["counting"]!.AsArray().Any(wait => wait!["strand"]!.GetValue<string>() != "kitchen")
            && view["tasks"]!
                .AsArray()
                .Any(task => task!["status"]!.GetValue<string>() == "running" && task["sectionsDone"]!.AsArray().Count == 1)
        );
        Thread.Sleep(900);
        window.Photograph(File(name));
    }
}
