using Kamuri.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

/// <summary>The household's own way of writing, read and typed.</summary>
public sealed class WritingTests(DemoServer server) : IClassFixture<DemoServer>
{
    [Fact]
    public void A_household_that_counts_twelve_hours_reads_and_types_them()
    {
        using var window = new Window(server.Process.Address);
        var tomorrow = DateTime.Now.AddDays(1).ToString("yyyy-MM-dd", null);
        window.Wish(
            DemoServer.Wish(
                when: new
                {
                    mode = "startAt",
                    time = "15:00:00",
                    date = tomorrow,
                }
            )
        );
        window.Go("/today");
        window.SeeText("starting at 15:00", "h1");
        window.Press("Options");
        window.Choose("Times", "12 hours, 5:45 pm");
        window.Press("Save for this household");
        window.Until(() => window.Text("h1").Contains(" pm", StringComparison.Ordinal), "the wish in twelve hours");
        Assert.Matches("Done about [0-9]+:[0-9]{2}.(am|pm)", window.Text("main"));
        Assert.Matches("[0-9]:[0-9]{2}.(am|pm)", window.Text("svg[data-plait=across]"));

        window.Click("h1 button[aria-label^='When:']");
        window.Fill("Time", "half past seven pm");
        window.Keys_(Keys.Tab, "[role=dialog] input");
        window.Until(() => window.Text("h1").Contains("7:30", StringComparison.Ordinal), "the time that was meant");
        window.Fill("Time", "25:70");
        window.Keys_(Keys.Tab, "[role=dialog] input");
        window.SeeText("Write a time like 18:00, 6 pm or half past six.");
        Assert.Equal("25:70", window.Script("return document.querySelector('[role=dialog] input').value"));
    }
}
