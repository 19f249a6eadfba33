using System.Text.Json;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;

namespace Kamuri.Browser.Tests.Driving;

/// <summary>A headless browser window on the application, with the few gestures that tests need.</summary>
internal sealed class Window : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(15);

    private readonly ChromeDriver _driver;
    private readonly Uri _address;

    public Window(Uri address, int width = 1280, int height = 800, string theme = "day")
    {
        _address = address;
        _driver = Browsers.Take();
        Resize(width, height);
        _driver.Navigate().GoToUrl(new Uri(address, "/theme.js"));
        Script($"localStorage.setItem('kamuri.theme', '{theme}')");
    }

    public string Path => new Uri(_driver.Url).AbsolutePath;

    public void Resize(int width, int height) =>
        _driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?>
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = width < 600,
            }
        );

    /// <summary>Takes the network away, or gives it back.</summary>
    public void Offline(bool offline)
    {
        _driver.ExecuteCdpCommand("Network.enable", []);
        _driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new Dictionary<string, object?>
            {
                ["offline"] = offline,
                ["latency"] = 0,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1,
            }
        );
    }

    public void Go(string path)
    {
        _driver.Navigate().GoToUrl(new Uri(_address, path));
        See("#root > *");
    }

    /// <summary>Sets what is asked for in Today, as an earlier visit would have left it.</summary>
    public void Wish(object wish) =>
        Script($"localStorage.setItem('kamuri.wish', JSON.stringify({JsonSerializer.Serialize(wish, JsonSerializerOptions.Web)}))");

    public object? Script(string script) => _driver.ExecuteScript(script);

    /// <summary>Waits until a condition holds.</summary>
    public void Until(Func<bool> holds, string what, double seconds = 0)
    {
        var end = DateTime.UtcNow + (seconds > 0 ? TimeSpan.FromSeconds(seconds) : Patience);
        while (true)
        {
            try
            {
                if (holds())
                {
                    return;
                }
            }
            catch (WebDriverException) when (DateTime.UtcNow < end)
            {
                // The page was drawn anew in between; ask again.
            }

            Assert.True(DateTime.UtcNow < end, $"Waited in vain for: {what}\nThe page says:\n{Text()}");
            Thread.Sleep(60);
        }
    }

    public IWebElement See(string selector)
    {
        IWebElement? found = null;
        Until(
            () => (found = _driver.FindElements(By.CssSelector(selector)).FirstOrDefault(element => element.Displayed)) is not null,
            selector
        );
        return found!;
    }

    public bool Has(string selector) => _driver.FindElements(By.CssSelector(selector)).Count > 0;

    public string Text(string selector = "body") => _driver.FindElement(By.CssSelector(selector)).Text;

    public void SeeText(string text, string selector = "body") =>
        Until(() => Text(selector).Contains(text, StringComparison.Ordinal), $"\"{text}\" in {selector}");

    /// <summary>Presses the first visible button, link or menu item with a name.</summary>
    public void Press(string name)
    {
        var quoted = name.Contains('"', StringComparison.Ordinal) ? $"'{name}'" : $"\"{name}\"";
        Until(
            () =>
            {
                var target = _driver
                    .FindElements(
                        By.XPath(
                            "//*[self::button or self::a or @role='menuitemradio' or "
                                + $"@role='checkbox'][normalize-space(.)={quoted} or @aria-label={quoted} or "
                                + $"(@role='menuitemradio' and starts-with(normalize-space(.), {quoted}))]"
                        )
                    )
                    .FirstOrDefault(element => element.Displayed && element.Enabled);
                if (target is not null)
                {
                    ClickInSight(target);
                }

                return target is not null;
            },
            $"something to press called {name}"
        );
    }

    public void Click(string selector) =>
        Until(
            () =>
            {
                ClickInSight(See(selector));
                return true;
            },
            $"a click on {selector}"
        );

    /// <summary>Presses the big button of a run, once it has settled from the press before.</summary>
    public void PressMain() => Click("[data-main]:not([data-fresh]):enabled");

    /// <summary>Clicks, scrolling first when something that stays at the edge lies over it, as a person would.</summary>
    private void ClickInSight(IWebElement target)
    {
        try
        {
            target.Click();
        }
        catch (ElementClickInterceptedException)
        {
            _driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", target);
            target.Click();
        }
    }

    /// <summary>Types into the field with a label.</summary>
    public void Fill(string label, string text)
    {
        var field = Field(label);
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text);
    }

    /// <summary>What stands in the field with a label.</summary>
    public string ValueOf(string label) => Field(label).GetDomProperty("value")!;

    /// <summary>Gives a file to a field that takes one.</summary>
    public void Attach(string selector, string path) => _driver.FindElement(By.CssSelector(selector)).SendKeys(path);

    /// <summary>Types into a field and leaves it with Enter.</summary>
    public void FillIn(string selector, string text)
    {
        See(selector).SendKeys(Keys.Control + "a");
        See(selector).SendKeys(text + Keys.Enter);
    }

    /// <summary>Chooses a word in the field with a label.</summary>
    public void Choose(string label, string word) => Field(label).FindElement(By.XPath($"./option[normalize-space(.)=\"{word}\"]")).Click();

    /// <summary>Chooses the word that begins so.</summary>
    public void ChooseBeginning(string label, string begins) =>
        Field(label).FindElement(By.XPath($"./option[starts-with(normalize-space(.), \"{begins}\")]")).Click();

    /// <summary>Chooses what is called so among radios or boxes with their words beside them.</summary>
    public void Check(string word) =>
        Until(
            () =>
            {
                var label = _driver
                    .FindElements(By.XPath($"//label[normalize-space(.)=\"{word}\"]"))
                    .FirstOrDefault(element => element.Displayed);
                if (label is not null)
                {
                    ClickInSight(label);
                }

                return label is not null;
            },
            $"a choice called {word}"
        );

    public int Count(string selector) => _driver.FindElements(By.CssSelector(selector)).Count;

    public void Keys_(string keys, string selector = "body") => See(selector).SendKeys(keys);

    /// <summary>Types to whatever has the keyboard.</summary>
    public void Type(string keys) => new Actions(_driver).SendKeys(keys).Perform();

    /// <summary>Goes back by one from what has the keyboard.</summary>
    public void TypeShiftTab() => new Actions(_driver).KeyDown(Keys.Shift).SendKeys(Keys.Tab).KeyUp(Keys.Shift).Perform();

    /// <summary>What axe finds wrong, as "rule: places" lines.</summary>
    public IReadOnlyList<string> Axe()
    {
        _driver.ExecuteScript(Repository.Axe);
        var found =
            (IReadOnlyCollection<object>)
                _driver.ExecuteAsyncScript(
                    """
                    const done = arguments[arguments.length - 1]
                    axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
                      .then((result) => {
                        const place = (n) => n.target.join(' ') + ' ' + (n.any[0]?.message ?? '')
                        const told = (v) => v.id + ': ' + v.nodes.map(place).slice(0, 4).join(' | ')
                        done(result.passes.length < 10 ? ['axe looked at nothing'] : result.violations.map(told))
                      })
                    """
                )!;
        return [.. found.Cast<string>()];
    }

    /// <summary>
    /// What sticks out of the page, or of the sheet that lies over it, to the left or the right, where nobody can scroll to it.
    /// </summary>
    public IReadOnlyList<string> StickingOut()
    {
        var found =
            (IReadOnlyCollection<object>)
                _driver.ExecuteScript(
                    """
                    const root = document.querySelector('[role=dialog]') ?? document.body
                    const { left, right } = root.getBoundingClientRect()
                    const scrolls = (each) => ['auto', 'scroll', 'hidden', 'clip'].includes(getComputedStyle(each).overflowX)
                    const isScrolled = (each) => each && each !== root && (scrolls(each) || isScrolled(each.parentElement))
                    const isOut = (box) => box.width > 0 && box.height > 0 && (box.left < left - 1 || box.right > right + 1)
                    return [...root.querySelectorAll('*')]
                      .filter((each) => !(each instanceof SVGElement) && !each.closest('.sr-only'))
                      .filter((each) => isOut(each.getBoundingClientRect()))
                      .filter((each) => !isScrolled(each.parentElement))
                      .slice(0, 4).map((each) => each.tagName.toLowerCase() + ' ' + each.textContent.trim().slice(0, 40))
                    """
                )!;
        return [.. found.Cast<string>()];
    }

    /// <summary>Errors the browser logged, but for answers that refuse what a person entered on purpose.</summary>
    public IReadOnlyList<string> Complaints() =>
        [
            .. _driver
                .Manage()
                .Logs.GetLog(LogType.Browser)
                .Where(entry => entry.Level >= LogLevel.Severe && !entry.Message.Contains("status of 400", StringComparison.Ordinal))
                .Select(entry => entry.Message),
        ];

    public void Photograph(string file)
    {
        Directory.CreateDirectory(System.IO.Path.GetDirectoryName(file)!);
        _driver.GetScreenshot().SaveAsFile(file);
    }

    public void Dispose() => Browsers.GiveBack(_driver, _address);

    private IWebElement Field(string label)
    {
        IWebElement? field = null;
        Until(
            () =>
            {
                var id = _driver
                    .FindElements(By.XPath($"//label[normalize-space(.)=\"{label}\"]"))
                    .FirstOrDefault(element => element.Displayed)
                    ?.GetAttribute("for");
                return id is not null && (field = _driver.FindElement(By.Id(id))) is not null;
            },
            $"a field called {label}"
        );
        return field!;
    }
}
