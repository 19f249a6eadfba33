using System.Collections.Concurrent;
using Kamuri.Browser.Tests.Driving;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

[assembly: AssemblyFixture(typeof(Browsers))]

namespace Kamuri.Browser.Tests.Driving;

/// <summary>Browsers that were started, and wait for the next window: starting one takes longer than most tests.</summary>
public sealed class Browsers : IDisposable
{
    private static readonly ConcurrentBag<ChromeDriver> Idle = [];

    /// <summary>A browser that knows nothing of what was done in it before.</summary>
    internal static ChromeDriver Take() => Idle.TryTake(out var driver) ? driver : Start();

    /// <summary>Forgets all that a window on the application left in its browser, and keeps the browser for the next.</summary>
    internal static void GiveBack(ChromeDriver driver, Uri address)
    {
        try
        {
            driver.Navigate().GoToUrl("about:blank");
            driver.ExecuteCdpCommand("Network.clearBrowserCookies", []);
            driver.ExecuteCdpCommand(
                "Storage.clearDataForOrigin",
                new Dictionary<string, object?> { ["origin"] = address.GetLeftPart(UriPartial.Authority), ["storageTypes"] = "all" }
            );
            driver.Manage().Logs.GetLog(LogType.Browser);
            Idle.Add(driver);
        }
        catch (WebDriverException)
        {
            // One that no longer answers is of no use to the next.
            driver.Dispose();
        }
    }

    public void Dispose()
    {
        while (Idle.TryTake(out var driver))
        {
            driver.Dispose();
        }
    }

    private static ChromeDriver Start()
    {
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--hide-scrollbars",
            "--force-prefers-reduced-motion",
            "--disable-extensions",
            "--disable-features=Translate,site-per-process,IsolateOrigins",
            "--disable-software-rasterizer",
            "--autoplay-policy=no-user-gesture-required"
        );
        options.SetLoggingPreference(LogType.Browser, LogLevel.Warning);
        return new ChromeDriver(ChromeDriverService.CreateDefaultService("/usr/bin"), options, TimeSpan.FromSeconds(60));
    }
}
