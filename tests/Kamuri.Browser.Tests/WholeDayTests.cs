using Kamuri.Browser.Tests.Driving;
using Kamuri.Testing;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

public class WholeDayTests
{
    [Fact]
    public async Task From_a_head_of_hair_to_a_remembered_wash_day()
    {
        // An empty house on a clock that runs an hour in six seconds.
        using var server = await ServerProcess.StartAsync(Repository.Server, clockSpeed: 600);
        using var window = new Window(server.Address);

        window.Go("/");
        window.Press("Describe your hair");
        window.Fill("Name", "Juno");
        // The browser speaks the English of a country that measures in inches.
        window.Fill("Or measured at the crown", "0.2");
        window.Press("Save and plan a day");
        window.SeeText("Stretched length is ½ in to 59 in.");
        Assert.Equal("Juno", window.ValueOf("Name"));
        window.Fill("Or measured at the crown", "14 cm");
        window.Press("Save and plan a day");
        window.SeeText("Wash Juno for moisture the full way into twists", "h1");
        window.Press("Aim: moisture");
        window.Press("a quick wash");
        window.Press("Style: twists");
        window.Press("a wash-and-go");
        window.SeeText("Wash Juno for a quick wash into a wash-and-go, without a tea rinse", "h1");
        window.Until(() => !window.Text("ol[aria-label=Steps]").Contains("Deep condition", StringComparison.Ordinal), "a quick plan");
        window.See("svg[data-plait=across] path");

        window.Press("Begin now");
        window.Until(() => window.Path.StartsWith("/run/", StringComparison.Ordinal), "the run screen");
        window.See("[data-main]");
        for (var presses = 0; !window.Text("[data-main]").StartsWith("Finish the day", StringComparison.Ordinal); presses++)
        {
            Assert.True(presses < 200, "The day does not end.");
            var shown = window.Text("h1") + window.Text("[data-main]");
            window.PressMain();
            // On this clock the button may ask something new in the moment it is pressed; then it is pressed again.
            SpinWait.SpinUntil(() => window.Text("h1") + window.Text("[data-main]") != shown, TimeSpan.FromSeconds(3));
        }

        window.PressMain();
        window.SeeText("How did it turn out?");
        window.Click("label:has([aria-label='Softness 4 of 5'])");
        window.Keys_("Quick and soft.", "textarea");
        window.Press("Save this day");
        window.Press("See planned and actual");

        window.SeeText("Juno, a quick wash into a wash-and-go", "h1");
        window.SeeText("“Quick and soft.”");
        Assert.Contains("Cleanse", window.Text("table"), StringComparison.Ordinal);
        Assert.True(window.Has("[aria-label='Softness: 4 of 5']:checked"));
        // The rest can be answered later.
        window.Click("label:has([aria-label='Slip: 5 of 5'])");
        window.Until(() => window.Has("[aria-label='Slip: 5 of 5']:checked"), "the later answer");
        Assert.True(window.Has("[aria-label='Softness: 4 of 5']:checked"));
        window.Go("/behind");
        window.SeeText("Juno");
        window.Go("/ahead");
        // The house's clock runs ten hours a minute, so that an evening's run may end behind midnight.
        window.Until(
            () =>
                window.Text().Contains("Washed today.", StringComparison.Ordinal)
                || window.Text().Contains("Washed yesterday.", StringComparison.Ordinal),
            "the wash on record"
        );
        Assert.Empty(window.Complaints());
    }
}
