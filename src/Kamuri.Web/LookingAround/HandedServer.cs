using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.AspNetCore.Http.Features;

namespace Kamuri.Web.LookingAround;

/// <summary>A server that listens nowhere: requests are handed to it by an application that does.</summary>
internal sealed class HandedServer : IServer
{
    private Func<IFeatureCollection, Task>? _process;

    public IFeatureCollection Features { get; } = new FeatureCollection();

    /// <summary>Lets the application behind it answer a request.</summary>
    public async Task HandAsync(HttpContext context)
    {
        var process = _process ?? throw new InvalidOperationException("The application has not started yet.");
        var features = context.Features;
        // The other application finds its own services and its own endpoint.
        var services = features.Get<IServiceProvidersFeature>();
        context.SetEndpoint(null);
        features.Set<IServiceProvidersFeature>(null);
        try
        {
            // A collection of its own: what lies in the given one would be taken for the other application's context.
            await process(new FeatureCollection(features));
        }
        finally
        {
            features.Set(services);
        }
    }

    public Task StartAsync<TContext>(IHttpApplication<TContext> application, CancellationToken cancellationToken)
        where TContext : notnull
    {
        _process = async features =>
        {
            var context = application.CreateContext(features);
            Exception? failed = null;
            try
            {
                await application.ProcessRequestAsync(context);
            }
            catch (Exception error)
            {
                failed = error;
                throw;
            }
            finally
            {
                application.DisposeContext(context, failed);
            }
        };
        return Task.CompletedTask;
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;

    public void Dispose() => _process = null;
}
