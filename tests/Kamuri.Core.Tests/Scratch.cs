using Kamuri.Core.Composing;
using Kamuri.Core.Planning;
namespace Kamuri.Core.Tests;
public class Scratch(ITestOutputHelper output)
{
    [Fact]
    public void Show()
    {
        foreach (var aim in Enum.GetValues<Aim>())
        {
            Given.Plan(Given.Request(aim));
            var sw = System.Diagnostics.Stopwatch.StartNew();
            var plan = Given.Plan(Given.Request(aim, EndStyle.TwistOut) with { DryingAir = Kamuri.Core.Physics.Air.Fan });
            output.WriteLine($"{aim} {sw.Elapsed.TotalMilliseconds} ms {PlanWords.Finish(plan)} {PlanWords.Trouble(plan)}");
            foreach (var t in plan.Tasks) output.WriteLine($"  {t.Start:HH:mm}-{t.End:HH:mm} {(t.IsHandsOn ? "H" : ".")} {t.Strand,-8} {t.Id,-22} {t.Title} {t.Window}");
            foreach (var s in plan.Steps) output.WriteLine($"   {s.Step.Id} {s.HandsOnWorking} | {s.Wait?.Working} | {s.Amount?.Text} | {s.Step.Reason}");
            foreach (var f in plan.Findings) output.WriteLine($"   ! {f}");
        }
    }
}
