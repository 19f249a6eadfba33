using Kamuri.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

public sealed class PlanTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
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
    public void A_stop_is_said_fixed_with_one_press_and_taken_back()
    {
        Open();
        OpenStep("deep-condition");
        _window.Press("Leave this out");
        _window.SeeText("Without a conditioner afterwards, hair dries rough");
        Assert.False(_window.See("article[data-finding=R02]").Text.Length == 0);
        _window.Until(() => _window.Has("button:disabled") && !Enabled("Begin now"), "no beginning with a stop");

        _window.Press("Add a conditioner");
        _window.Until(() => Steps().Contains("conditioner") && Enabled("Begin now"), "the fix");

        _window.Press("Undo");
        _window.Press("Undo");
        _window.Until(() => Steps().Contains("deep-condition"), "both changes taken back");
    }

    [Fact]
    public void A_routine_is_picked_in_the_sentence_and_taken_back()
    {
        Open();
        _window.SeeText("for moisture the full way into twists", "h1");
        Assert.Contains("pre-poo", Steps());

        _window.Press("the full way");
        _window.Press("the simple way");
        _window.SeeText("for moisture the simple way into twists", "h1");
        _window.Until(() => Steps().Contains("conditioner"), "the conditioner of a simple wash");
        Assert.DoesNotContain("pre-poo", Steps());
        Assert.DoesNotContain("deep-condition", Steps());
        Assert.DoesNotContain("tea-rinse", Steps());

        _window.Press("Undo");
        _window.Until(() => Steps().Contains("pre-poo"), "the full day again");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_day_goes_on_from_hair_that_was_just_washed_or_has_something_on_it()
    {
        Open();
        _window.Press("dry");
        _window.Press("just washed and soaking");
        _window.Until(() => !Steps().Contains("cleanse"), "a day without a cleanse");
        Assert.DoesNotContain("pre-poo", Steps());
        Assert.Contains("deep-condition", Steps());

        _window.Press("just washed and soaking");
        _window.Press("with pre-poo on it");
        _window.Until(() => Steps().Contains("pre-poo-first"), "the pre-poo that is on");
        Assert.Contains("cleanse", Steps());
        _window.SeeText("since ");
        _window.Press("Undo");
        _window.Until(() => !Steps().Contains("pre-poo-first"), "soaking hair again");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_step_moves_by_key_and_by_button_and_can_be_added()
    {
        Open();
        var before = Steps();
        var at = Array.IndexOf(before, "oil");

        _window.Keys_(Keys.Alt + Keys.ArrowUp, "li[data-step=oil] button[aria-expanded]");
        _window.Until(() => Array.IndexOf(Steps(), "oil") == at - 1, "oil one earlier");
        OpenStep("oil");
        _window.Press("Move Oil later");
        _window.Until(() => Array.IndexOf(Steps(), "oil") == at, "oil back in its place");

        _window.Choose("Add a step after this", "Gel");
        _window.Until(() => Steps().Contains("gel"), "gel");
        _window.SeeText("Oil seals, so gel on top of it cannot bring water in.");
    }

    [Fact]
    public void Minutes_change_within_the_window_with_the_working_in_sight()
    {
        Open();
        OpenStep("cover-2");
        _window.SeeText("30 usual × 1.25 low porosity, no heat = 38 min, window 20 to 60");
        _window.Press("Five minutes more");
        _window.SeeText("43 min", "[role=group] output");
        foreach (var minutes in new[] { "48 min", "53 min", "58 min", "1 h" })
        {
            _window.Press("Five minutes more");
            _window.SeeText(minutes, "[role=group] output");
        }

        Assert.False(Enabled("Five minutes more"));
    }

    [Fact]
    public void The_words_of_the_sentence_are_the_controls()
    {
        Open();
        _window.Press("Aim: moisture");
        _window.Press("a reset");
        _window.Until(() => Steps().Contains("clarify"), "a reset");
        _window.Press("Tea rinse: with a tea rinse");
        _window.Press("without a tea rinse");
        _window.Until(() => !Steps().Contains("tea-rinse"), "no tea");
        _window.Keys_("z");
        _window.Until(() => Steps().Contains("tea-rinse"), "tea again, by key");
    }

    [Fact]
    public void An_impossible_hour_is_said_with_what_could_be_spared()
    {
        // Two hours from now on the household's clock, on whatever day that is.
        var house = DateTime.Now.AddHours(2);
        Open(
            DemoServer.Wish(
                when: new
                {
                    mode = "readyBy",
                    time = house.ToString("HH:mm:00", null),
                    date = house.ToString("yyyy-MM-dd", null),
                }
            )
        );
        _window.SeeText("it ends");
        _window.SeeText("You could leave out");
        _window.Press(
            (
                (string)
                    _window.Script(
                        "return [...document.querySelectorAll('article li button')].map((e) => "
                            + "e.textContent.trim()).find((t) => t.startsWith('Tea rinse'))"
                    )!
            ).Trim()
        );
        _window.Until(() => !Steps().Contains("tea-rinse"), "the tea left out");
    }

    [Fact]
    public void The_plait_turns_upright_on_a_phone()
    {
        Open();
        _window.See("svg[data-plait=across]");
        _window.Resize(390, 844);
        _window.See("svg[data-plait=down]");
        Assert.Equal(true, _window.Script("return document.documentElement.scrollWidth <= window.innerWidth"));
    }

    private bool Enabled(string name) =>
        (bool)
            _window.Script(
                $"return [...document.querySelectorAll('button')].some((b) => (b.textContent.trim() === '{name}' || "
                    + $"b.ariaLabel === '{name}') && !b.disabled)"
            )!;
}
