using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

public sealed class RunTests(DemoServer server) : IClassFixture<DemoServer>
{
    [Fact]
    public void Two_windows_show_the_same_day()
    {
        using var laptop = new Window(server.Process.Address);
        using var phone = new Window(server.Process.Address, 390, 844);
        laptop.Wish(DemoServer.Wish());
        laptop.Go("/today");
        laptop.Press("Begin now");
        laptop.SeeText("Look and section", "h1");
        phone.Go(laptop.Path);
        phone.SeeText("Look and section", "h1");

        laptop.PressMain();
        phone.Press("Tick section by section");
        phone.SeeText("Section 1 done", "[data-main]");
        phone.PressMain();
        laptop.SeeText("1 of 6 sections");
        laptop.Click("[aria-label='Section 3, crown, left']");
        phone.SeeText("2 of 6 sections");
        Assert.Equal("true", phone.See("[aria-label='Section 3, crown, left']").GetAttribute("aria-checked"));

        laptop.Keys_("u");
        phone.SeeText("1 of 6 sections");
        phone.Press("Pausep");
        laptop.SeeText("What is on the hair keeps working.");
        laptop.Keys_("p");
        laptop.Keys_("n");
        laptop.Keys_("Crown is dry today", "textarea");
        laptop.Press("Save note");
        laptop.Keys_("m");
        laptop.SeeText("5 min more");
        laptop.Keys_("k");
        phone.SeeText("Dampen", "h1");

        // Whoever left the page finds the way back to the day from where a day begins.
        var run = phone.Path;
        phone.Go("/today");
        phone.SeeText("The wash day for Oriel is under way.");
        phone.Press("Open the run");
        phone.SeeText("Dampen", "h1");
        Assert.Equal(run, phone.Path);

        // Thrown away by mistake, it is back with one press on the page that comes after.
        laptop.Keys_("f");
        laptop.Press("It was not a wash day");
        laptop.SeeText("Deleted: Oriel", "[role=status]");
        laptop.Click("[role=status] button");
        laptop.SeeText("The wash day for Oriel is under way.");
        Assert.Empty(laptop.Complaints());
    }

    [Fact]
    public void Who_stops_in_the_middle_of_a_step_goes_on_with_it_later()
    {
        using var window = new Window(server.Process.Address, 390, 844);
        window.Wish(DemoServer.Wish("quick", "washAndGo"));
        window.Go("/today");
        window.Press("Rehearse");
        window.SeeText("Start: Look and section", "[data-main]");
        window.PressMain();
        window.Press("Tick section by section");
        window.SeeText("Section 1 done", "[data-main]");
        window.PressMain();
        window.SeeText("a section so far", "main");
        window.SeeText("Section 2 done", "[data-main]");

        window.Press("Something’s offx");
        window.Click("[data-mishap=calledAway]");
        window.SeeText("Put aside: Look and section. 1 of 6 sections are done.", "[data-advice]");
        Assert.Matches("Put up by [0-9]{2}:[0-9]{2}", window.Text("[data-advice]"));
        window.Click("[data-way=stop]");
        window.SeeText("Start: Clip it up, to stop for now", "[data-main]");
        window.PressMain();
        window.SeeText("Done", "[data-main]");
        window.PressMain();
        window.SeeText("Put up since", "main");

        window.SeeText("Resume", "[data-main]");
        window.PressMain();
        window.SeeText("Resume: Look and section", "[data-main]");
        window.SeeText("with 1 of 6 sections done. Next:", "main");
        window.See("[aria-label='Oriel: sections of Look and section']");
        window.PressMain();
        window.SeeText("Section 2 done", "[data-main]");
        Assert.Empty(window.Complaints());
    }

    [Fact]
    public void A_rehearsal_counts_through_its_marks_and_leaves_nothing_behind()
    {
        using var window = new Window(server.Process.Address, theme: "night");
        window.Wish(DemoServer.Wish("quick", "washAndGo"));
        window.Go("/today");
        window.Press("Rehearse");
        window.See("[aria-label='Rehearsal speed']");
        var run = window.Path;
        for (var presses = 0; !window.Has("[data-counting='blot.wait']"); presses++)
        {
            Assert.True(presses < 120, "The blot never comes.");
            var shown = window.Text("h1") + window.Text("[data-main]");
            window.PressMain();
            window.Until(() => window.Text("h1") + window.Text("[data-main]") != shown, $"an answer at '{shown}'");
        }

        window.See("[data-counting='blot.wait'][data-stage=early]");
        window.Press("×600");
        window.See("[data-counting='blot.wait'][data-stage=ready]");
        window.See("[data-counting='blot.wait'][data-stage=past]");
        window.SeeText("It gets too dry for the leave-in");

        window.Click("[aria-keyshortcuts=f]");
        window.Press("End without saving");
        window.SeeText("Wash Oriel", "h1");
        window.Go("/behind");
        window.SeeText("Wash days of everyone");
        Assert.False(window.Has($"a[href='{run.Replace("/run/", "/behind/", StringComparison.Ordinal)}']"));
    }

    [Fact]
    public void A_voice_says_each_step_and_mark_once_it_is_switched_on()
    {
        using var window = new Window(server.Process.Address);
        window.Wish(DemoServer.Wish("quick", "washAndGo"));
        window.Go("/today");
        window.Press("Rehearse");
        window.SeeText("Look and section", "h1");
        // There is no loudspeaker here, so what would be spoken is written down.
        window.Script("window.heard = []; window.speechSynthesis.speak = said => window.heard.push(said.text)");
        string Heard() => string.Join("|", ((IEnumerable<object>)window.Script("return window.heard")!).Cast<string>());

        window.Keys_("k");
        window.SeeText("Wet through", "h1");
        Assert.Equal("", Heard());

        window.Keys_("s");
        window.Click("[role=dialog] label:nth-of-type(4) input");
        window.Until(() => Heard() == "The voice is on.", "the voice");
        window.Keys_("\uE00C");
        window.PressMain();
        window.Until(
            () => Heard().Contains("Wet through. Run water through every section", StringComparison.Ordinal),
            "the step and how it is done"
        );
        var length = Heard().Length;
        window.Press("Tick section by section");
        window.SeeText("Section 1 done", "[data-main]");
        window.PressMain();
        window.SeeText("1 of 6 sections");
        Assert.Equal(length, Heard().Length);
        window.Keys_("k");
        window.Until(() => Heard().EndsWith("Next: Cleanse.", StringComparison.Ordinal), "what comes next");
        for (var presses = 0; !window.Has("[data-counting='blot.wait']"); presses++)
        {
            Assert.True(presses < 40, "The blot never comes.");
            var title = window.Text("h1");
            window.Keys_(
                window.Text("[data-main]").StartsWith("Start: Blot", StringComparison.Ordinal)
                || window.Text("[data-main]").StartsWith("Done", StringComparison.Ordinal)
                    ? " "
                    : "k"
            );
            window.Until(
                () =>
                    window.Text("h1") != title
                    || window.Has("[data-counting='blot.wait']")
                    || window.Text("[data-main]").StartsWith("Done", StringComparison.Ordinal),
                $"what follows {title}"
            );
        }

        window.Press("×600");
        window.Until(() => Heard().Contains("Blot is ready.", StringComparison.Ordinal), "the earliest mark");
        window.Until(() => Heard().Contains("Blot: It gets too dry for the leave-in", StringComparison.Ordinal), "the latest mark");
        // The sheet asks for the square code, which only a server that is open to the home network has.
        Assert.DoesNotContain(window.Complaints(), complaint => !complaint.Contains("/api/access/code", StringComparison.Ordinal));
        window.Script("localStorage.removeItem('kamuri.signals')");
    }
}
