using Kamuri.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

/// <summary>Locs, braids and loose hair are composed for on screen; stops are mended or overridden, schools change the day.</summary>
public sealed class KindsTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
{
    private readonly Window _window = new(server.Process.Address);

    public void Dispose() => _window.Dispose();

    [Fact]
    public void Each_kind_of_hair_gets_its_own_day()
    {
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        _window.See("li[data-step=deep-condition]");
        _window.See("svg[data-hair]");

        _window.Press("Head: Oriel");
        _window.Press("Bram");
        _window.SeeText("Wash Bram for moisture", "h1");
        _window.SeeText("and leave it as it is", "h1");
        _window.See("li[data-step=part-cleanse]");
        Assert.False(_window.Has("li[data-step=deep-condition]"));

        _window.Press("Head: Bram");
        _window.Press("Wren");
        _window.See("li[data-step=spray-conditioner]");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_comb_on_locs_is_a_stop_that_can_be_mended_or_overridden_with_a_reason()
    {
        _window.Wish(
            new
            {
                headId = "0199aaaa-0000-7000-8000-000000000002",
                aim = "quick",
                style = "asItIs",
                when = new { mode = "startNow" },
                edits = new[]
                {
                    new
                    {
                        kind = "add",
                        stepKind = "tool-detangle",
                        after = "blot",
                    },
                },
            }
        );
        _window.Go("/today");
        _window.SeeText("Never comb locs", "article[data-finding=R45]");
        _window.Until(() => _window.Has("main button[disabled]"), "no beginning with a stop");

        _window.Press("Continue anyway");
        _window.Fill("Your reason, in a few words", "Loose roots only");
        _window.Press("Save the reason and continue");
        _window.SeeText("Because: Loose roots only", "article[data-finding=R45]");
        _window.Press("Undo");
        _window.SeeText("Must change before you begin", "article[data-finding=R45]");
        _window.Press("Leave out comb detangling");
        _window.Until(() => !_window.Has("li[data-step=tool-detangle]"), "the comb left out");
    }

    [Fact]
    public void A_school_for_the_day_changes_the_order_and_is_given_back()
    {
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        _window.See("li[data-step=tool-detangle]");
        _window.Press("Options");
        _window.Click("[role=dialog] summary");
        _window.Choose("Detangled in", "Fingers only");
        _window.Press("Close");
        _window.Until(() => !_window.Has("li[data-step=tool-detangle]"), "fingers only");

        _window.Press("Options");
        _window.Click("[role=dialog] summary");
        _window.Press("Use Oriel’s own");
        _window.Press("Close");
        _window.See("li[data-step=tool-detangle]");
    }

    [Fact]
    public void A_head_is_turned_into_locs_and_its_numbers_are_doubted_when_they_do_not_fit()
    {
        _window.Go("/heads/new");
        _window.Fill("Name", "Sol");
        _window.Check("Locs");
        _window.Check("Shoulder");
        _window.Press("Save and plan a day");
        _window.SeeText("Wash Sol", "h1");
        _window.Go("/heads");
        _window.SeeText("locs, mature");
        _window.Click("li:has([aria-label^='Sol,']) a");
        _window.SeeText("100 mature locs, 8 mm thick.");

        void Thickness(string millimetres)
        {
            _window.Press("Edit: Today");
            _window.Fill("Thickness of one", millimetres + Keys.Tab);
            _window.Press("Save");
            _window.SeeText($"{millimetres} mm thick.");
        }

        Thickness("20");
        _window.SeeText("mostly air");
        Thickness("8");
        _window.Until(() => !_window.Text().Contains("mostly air", StringComparison.Ordinal), "locs that fit");
    }
}
