namespace BoldLadder.Server.Hosting;

/// <summary>
/// Turns at computing: at most one request for each core works at a time, and one core at least is left to lessons, so
/// that what is asked at large never keeps a teacher waiting. The rest wait their turn, or are told to come back.
/// </summary>
public sealed class Turns : IDisposable
{
    /// <summary>How long a request may work once it has its turn, and how long it waits for one.</summary>
    public static readonly TimeSpan Budget = TimeSpan.FromSeconds(3), Patience = TimeSpan.FromSeconds(4);

    private const int MostWaiting = 32;

    private readonly SemaphoreSlim _large = new(Math.Max(1, Environment.ProcessorCount - 1));
    private readonly SemaphoreSlim _small = new(Environment.ProcessorCount);
    private readonly SemaphoreSlim _watched = new(Environment.ProcessorCount);
    private int _waiting;

    /// <summary>Puts an address behind the turns.</summary>
    /// <param name="large">A question that can take a good part of a second; else one that takes milliseconds.</param>
    public static void Take<T>(T routes, bool large)
        where T : IEndpointConventionBuilder => routes.AddEndpointFilter(async (context, next) =>
        {
            var turns = context.HttpContext.RequestServices.GetRequiredService<Turns>();
            return await turns.InTurn(large, context.HttpContext, () => next(context));
        });

    /// <summary>
    /// Long work that goes on while somebody watches: so many at once, and the next when one of them ends, so that those
    /// who ask a question once find a turn between their stretches.
    /// </summary>
    public async Task<IDisposable> Watched(CancellationToken cancel)
    {
        await _watched.WaitAsync(cancel);
        return new Place(_watched);
    }

    /// <summary>A stretch of long work that goes on while somebody watches: one turn at a time, so that it shares with what is asked at large.</summary>
    public async Task<T> Stretch<T>(Func<T> work, CancellationToken cancel)
    {
        await _large.WaitAsync(cancel);
        try
        {
            return await Task.Run(work, cancel);
        }
        finally
        {
            _large.Release();
        }
    }

    public void Dispose()
    {
        _large.Dispose();
        _small.Dispose();
        _watched.Dispose();
    }

    private sealed class Place(SemaphoreSlim taken) : IDisposable
    {
        public void Dispose() => taken.Release();
    }

    private async ValueTask<object?> InTurn(bool large, HttpContext http, Func<ValueTask<object?>> work)
    {
        if (Interlocked.Increment(ref _waiting) > MostWaiting)
        {
            Interlocked.Decrement(ref _waiting);
            return Problems.Busy();
        }

        var entered = new List<SemaphoreSlim>();
        try
        {
            try
            {
                foreach (var turn in large ? [_large, _small] : new[] { _small })
                {
                    if (!await turn.WaitAsync(Patience, http.RequestAborted))
                    {
                        return Problems.Busy();
                    }

                    entered.Add(turn);
                }
            }
            finally
            {
                Interlocked.Decrement(ref _waiting);
            }

            // Work that does not wait for anything would hold the thread that answers others.
            using var budget = CancellationTokenSource.CreateLinkedTokenSource(http.RequestAborted);
            budget.CancelAfter(Budget);
            http.RequestServices.GetRequiredService<WorkBudget>().Stop = budget.Token;
            try
            {
                return await Task.Run(async () => await work(), CancellationToken.None);
            }
            catch (OperationCanceledException) when (!http.RequestAborted.IsCancellationRequested)
            {
                return Problems.TooLong();
            }
        }
        finally
        {
            entered.ForEach(x => x.Release());
        }
    }
}

/// <summary>Until when the request at hand may work: given to whatever can take long.</summary>
public sealed class WorkBudget
{
    /// <summary>Over when the request's time is used, or when nobody waits for its answer any more.</summary>
    public CancellationToken Stop { get; internal set; }
}
