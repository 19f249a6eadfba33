using System.Diagnostics;
using Kamuri.Browser.Tests.Driving;
using Kamuri.Testing;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

/// <summary>
/// Two first hours, from an empty house to a finished day on a clock that runs ten minutes a second: a parent on a phone with a child in
/// braids, and somebody with locs at a laptop who never touches a mouse.
/// </summary>
public class WalkTests
{
    /// <summary>The most presses and seconds from an empty house to a running day.</summary>
    private const int PressesToRun = 10;
    private const int SecondsToRun = 60;

    /// <summary>The most presses of a whole day.</summary>
    private const int PressesOfDay = 45;

    [Fact]
    public async Task A_parent_on_a_phone_washes_a_child_in_braids()
    {
        using var server = await ServerProcess.StartAsync(Repository.Server, clockSpeed: 600);
        using var phone = new Window(server.Address, 390, 844);
        phone.Go("/");
        phone.SeeText("Wash days, planned and timed", "h1");
        var (watch, presses) = (Stopwatch.StartNew(), 0);
        void Press(Action press)
        {
            press();
            presses++;
        }

        Press(() => phone.Press("Describe your hair"));
        Press(() => phone.Fill("Name", "Nia"));
        Press(() => phone.Check("6 to 12"));
        Press(() => phone.Check("In a protective style"));
        Press(() => phone.Check("Shoulder"));
        // Nothing entered is lost by a reload or by the way back.
        phone.Script("location.reload()");
        phone.Until(() => phone.ValueOf("Name") == "Nia", "what was answered");
        phone.Script("history.back()");
        phone.SeeText("Wash days, planned and timed", "h1");
        phone.Script("history.forward()");
        phone.Until(() => phone.ValueOf("Name") == "Nia", "what was answered");
        Press(() => phone.Press("Save and plan a day"));
        phone.SeeText("Wash Nia in the braids for a quick wash, starting soon.", "h1");
        // On the fast clock it may be too late in the day by now for hair to dry before the night.
        if (IsPutOff(phone))
        {
            Press(() => phone.Press("Plan again from now"));
            phone.SeeText("starting now", "h1");
            phone.SeeText("Start at");
        }

        Press(() => phone.Press("Begin now"));
        phone.Until(() => phone.Path.StartsWith("/run/", StringComparison.Ordinal), "the run");
        phone.See("[data-main]");
        Assert.InRange(presses, 1, PressesToRun);
        Assert.InRange(watch.Elapsed.TotalSeconds, 0, SecondsToRun);
        // Shoulder length at the crown of a child of six to twelve: 0.8 of an adult's 32 cm.
        var (_, heads) = await server.SendAsync(HttpMethod.Get, "/api/heads");
        Assert.Equal(26, heads![0]!["head"]!["lengths"]!["crownCm"]!.GetValue<double>());
        Assert.Empty(phone.StickingOut());

        Assert.InRange(presses + LivedThrough(phone, phone.PressMain), 1, PressesOfDay);
        phone.PressMain();
        phone.SeeText("How did it turn out?");
        phone.Press("Save this day");
        phone.SeeText("The day is done", "h1");
        phone.SeeText("Nia");
        Assert.Empty(phone.Complaints());
    }

    [Fact]
    public async Task Somebody_with_locs_gets_there_by_keyboard_alone()
    {
        using var server = await ServerProcess.StartAsync(Repository.Server, clockSpeed: 600);
        using var laptop = new Window(server.Address);
        laptop.Go("/");
        laptop.SeeText("Wash days, planned and timed", "h1");
        TabTo(laptop, "Describe your hair", 20);
        Key(laptop, Keys.Enter);
        laptop.SeeText("Whose hair is it?", "h1");
        TabTo(laptop, "Name", 20);
        Key(laptop, "Sol");
        TabTo(laptop, "Loose", 6);
        Key(laptop, Keys.ArrowRight);
        Assert.Equal("Locs", Focused(laptop));
        TabTo(laptop, "Ear", 4);
        // A form that cannot be saved puts the keyboard where the trouble is.
        Key(laptop, Keys.Enter);
        laptop.SeeText("Choose how far the hair reaches, or measure one strand.");
        laptop.Until(
            () => laptop.Script("return document.activeElement.getAttribute('role')") is "radiogroup",
            "the keyboard on the length"
        );
        Key(laptop, Keys.Tab);
        Key(laptop, Keys.ArrowDown + Keys.ArrowDown);
        Assert.Equal("Shoulder", Focused(laptop));
        TabTo(laptop, "Save and plan a day", 20);
        Key(laptop, Keys.Enter);
        laptop.SeeText("Wash Sol", "h1");
        laptop.See("li[data-step]");

        // Every dialog gives the keyboard back to what opened it.
        TabTo(laptop, "Options", 30);
        Key(laptop, Keys.Enter);
        laptop.See("[role=dialog]");
        Key(laptop, Keys.Escape);
        laptop.Until(() => !laptop.Has("[role=dialog]") && Focused(laptop) == "Options", "the keyboard on Options");
        if (IsPutOff(laptop))
        {
            TabTo(laptop, "Plan again from now", 30, back: true);
            Key(laptop, Keys.Enter);
            laptop.SeeText("Begin now");
        }

        TabTo(laptop, "Begin now", 40, back: true);
        Key(laptop, Keys.Enter);
        laptop.Until(() => laptop.Path.StartsWith("/run/", StringComparison.Ordinal), "the run");
        laptop.See("[data-main]");
        laptop.Type("?");
        laptop.See("[role=dialog]");
        Key(laptop, Keys.Escape);
        laptop.Until(() => !laptop.Has("[role=dialog]"), "the run again");

        Assert.InRange(LivedThrough(laptop, () =>
            {
                laptop.See("[data-main]:not([data-fresh]):enabled");
                laptop.Type(" ");
            }), 1, PressesOfDay);
        laptop.Type("f");
        laptop.SeeText("How did it turn out?");
        TabTo(laptop, "Save this day", 30);
        Key(laptop, Keys.Enter);
        laptop.SeeText("The day is done", "h1");
        Assert.DoesNotContain(laptop.Complaints(), each => !each.Contains("400", StringComparison.Ordinal));
    }

    /// <summary>Presses the big button until nothing is left but to finish, and says how often.</summary>
    private static int LivedThrough(Window window, Action press)
    {
        var presses = 0;
        for (; !window.Text("[data-main]").StartsWith("Finish the day", StringComparison.Ordinal); presses++)
        {
            Assert.True(presses < 100, "The day does not end.");
            var (shown, asked) = (Shown(), Stopwatch.StartNew());
            press();
            // On this clock a wait that was asked about may have passed its earliest before anybody can read the question.
            while (Shown() == shown && asked.Elapsed < TimeSpan.FromSeconds(3))
            {
                Thread.Sleep(60);
            }
        }

        return presses;
        string Shown() => window.Text("h1") + window.Text("[data-main]");
    }

    private static void Key(Window window, string keys) => window.Type(keys);

    private static string Focused(Window window) =>
        (string)
            window.Script(
                """
                const at = document.activeElement
                return (at.getAttribute('aria-label') ?? at.labels?.[0]?.textContent ?? at.textContent ?? '').trim()
                """
            )!;

    /// <summary>Whether the day was put off to the morning, once there is a plan.</summary>
    private static bool IsPutOff(Window window)
    {
        window.SeeText("Start at");
        window.See("li[data-step]");
        return !window.Text().Contains("Begin now", StringComparison.Ordinal);
    }

    /// <summary>Goes on by the Tab key until something has the keyboard, within so many presses.</summary>
    private static void TabTo(Window window, string name, int most, bool back = false)
    {
        var past = new List<string>();
        for (; Focused(window) != name; past.Add(Focused(window)))
        {
            Assert.True(past.Count < most, $"{name} is more than {most} Tabs away, past {string.Join(", ", past)}.");
            if (back)
            {
                window.TypeShiftTab();
            }
            else
            {
                window.Type(Keys.Tab);
            }
        }
    }
}
