using Kamuri.Web.Household;
using Kamuri.Web.Kitchen;
using Kamuri.Web.Safety;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Kamuri.Web.Access;

/// <summary>How Kamuri can be reached, as far as the one who asks may know.</summary>
/// <param name="Lan">It answers the home network, not this computer alone.</param>
/// <param name="MayEnter">Whether the caller may use it.</param>
/// <param name="IsHere">Asked from the computer it runs on.</param>
/// <param name="HasPasscode">A passcode is set.</param>
/// <param name="Addresses">The addresses for other devices; empty for callers who may not use them.</param>
/// <param name="Devices">Devices that have entered; empty for who may not use it.</param>
public sealed record AccessView(
    bool Lan,
    bool MayEnter,
    bool IsHere,
    bool HasPasscode,
    IReadOnlyList<string> Addresses,
    IReadOnlyList<DeviceView> Devices
);

/// <summary>A new passcode.</summary>
public sealed record PasscodeBody(string Passcode);

/// <summary>Digits drawn at random, for who cannot think of a passcode.</summary>
public sealed record PasscodeProposal(string Passcode);

/// <summary>A device that wants to enter.</summary>
/// <param name="Passcode">The household's.</param>
/// <param name="Device">What to call it; "A device" when left out.</param>
public sealed record EnterBody(string Passcode, string? Device = null);

/// <summary>A square code that opens a page on another device.</summary>
/// <param name="Address">What it holds.</param>
/// <param name="Code">Its dark squares as a path.</param>
/// <param name="Size">Squares on a side.</param>
public sealed record AddressCode(string Address, string Code, int Size);

/// <summary>Opening Kamuri to other devices of the household.</summary>
internal static class AccessEndpoints
{
    public const string Path = "/api/access";
    public const string EnterPath = "/api/access/enter";
    private const int LongestDevice = 40;
    private const int LongestPage = 200;

    public static void MapAccess(this IEndpointRouteBuilder routes)
    {
        var access = routes.MapGroup(Path).WithTags("Access");
        access.MapGet("", SeeAsync).WithName("seeAccess");
        access.MapPost("/enter", EnterAsync).WithName("enter");
        access.MapPost("/leave", (Delegate)LeaveAsync).WithName("leave");
        access.MapPut("/passcode", SetPasscode).WithName("setPasscode");
        access.MapGet("/proposal", Propose).WithName("proposePasscode");
        access.MapDelete("/devices/{id}", ShutOut).WithName("shutOutDevice");
        access.MapGet("/code", Code).WithName("codeForDevice");
    }

    private static async Task<Ok<AccessView>> SeeAsync(
        HttpContext context,
        StartOptions options,
        Passcode passcode,
        Devices devices,
        House house,
        CancellationToken cancellation
    )
    {
        var isHere = HomeNetwork.IsHere(context);
        var may = isHere || context.User.Identity?.IsAuthenticated == true;
        return TypedResults.Ok(
            new AccessView(
                options.Lan,
                may,
                isHere,
                passcode.IsSet,
                may && options.Lan ? [.. Addresses(context)] : [],
                may ? devices.List(await house.TimeAsync(cancellation)) : []
            )
        );
    }

    private static async Task<Results<NoContent, ValidationProblem, ProblemHttpResult>> EnterAsync(
        EnterBody body,
        HttpContext context,
        Passcode passcode,
        Devices devices,
        ILogger<Passcode> log
    )
    {
        if (!passcode.IsSet)
        {
            return TypedResults.Problem(AccessWords.NoPasscodeIsSetYetSet, statusCode: StatusCodes.Status403Forbidden);
        }

        if (body.Device is { Length: > LongestDevice })
        {
            return Problems.At("device", AccessWords.UseAtMostLongestDeviceCharacters($"{LongestDevice}"));
        }

        if (body.Passcode is not { Length: <= Passcode.Longest } || !passcode.IsRight(body.Passcode))
        {
            log.LogWarning("A wrong passcode was tried from {Address}", context.Connection.RemoteIpAddress);
            return Problems.At("passcode", AccessWords.WrongPasscode);
        }

        await AccessGate.LetInAsync(
            context,
            devices.Enter(string.IsNullOrWhiteSpace(body.Device) ? "A device" : body.Device.Trim()),
            passcode.Stamp
        );
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> LeaveAsync(HttpContext context, Devices devices)
    {
        if (context.User.Identity?.IsAuthenticated == true)
        {
            // Its cookie is worth nothing from now on, whoever has kept a copy of it.
            devices.ShutOut(AccessGate.Id(context), context.Abort);
        }

        await context.SignOutAsync();
        return TypedResults.NoContent();
    }

    private static Results<NoContent, ValidationProblem, ProblemHttpResult> SetPasscode(
        PasscodeBody body,
        HttpContext context,
        Passcode passcode,
        Devices devices
    )
    {
        if (!HomeNetwork.IsHere(context))
        {
            return TypedResults.Problem(AccessWords.SetThePasscodeOnTheComputer, statusCode: StatusCodes.Status403Forbidden);
        }

        if (passcode.WhyNot(body.Passcode) is { } wrong)
        {
            return Problems.At("passcode", wrong);
        }

        passcode.Set(body.Passcode);
        // Who entered with the old one does not see any more of what they are watching either.
        devices.ShutOutAll();
        return TypedResults.NoContent();
    }

    private static Results<Ok<PasscodeProposal>, ProblemHttpResult> Propose(HttpContext context, Passcode passcode) =>
        HomeNetwork.IsHere(context)
            ? TypedResults.Ok(new PasscodeProposal(passcode.Propose()))
            : TypedResults.Problem(AccessWords.SetThePasscodeOnTheComputer, statusCode: StatusCodes.Status403Forbidden);

    private static Results<NoContent, ProblemHttpResult> ShutOut(string id, HttpContext context, Devices devices) =>
        !HomeNetwork.IsHere(context)
            ? TypedResults.Problem(AccessWords.RemoveDevicesOnTheComputerKamuri, statusCode: StatusCodes.Status403Forbidden)
        : devices.ShutOut(id) ? TypedResults.NoContent()
        : Problems.NotFound(AccessWords.ThisDeviceHasAlreadyBeenRemoved);

    private static Results<Ok<AddressCode>, ValidationProblem, ProblemHttpResult> Code(
        HttpContext context,
        StartOptions options,
        string page = "/today"
    )
    {
        if (!options.Lan)
        {
            return Problems.Conflict(AccessWords.KamuriAnswersThisComputerAloneStart);
        }

        if (
            page.Length > LongestPage
            || !page.StartsWith('/')
            || page.StartsWith("//", StringComparison.Ordinal)
            || page.Contains('\\', StringComparison.Ordinal)
        )
        {
            return Problems.At("page", AccessWords.EnterAPageOfKamuriThat);
        }

        if (Addresses(context).FirstOrDefault() is not { } address)
        {
            return Problems.Conflict(AccessWords.ThisComputerIsNotConnectedTo);
        }

        var (path, size) = QuickCode.Of(address + page);
        return TypedResults.Ok(new AddressCode(address + page, path, size));
    }

    private static IEnumerable<string> Addresses(HttpContext context) =>
        HomeNetwork.Addresses().Select(address => $"http://{address}:{context.Connection.LocalPort}");
}
