# How the server is run wherever it is: from its folder, at one address.

# A school's own machine has other uses for its memory. Beside a large cache the runtime lets as much of what it is done
# with pile up before it clears away, and each thread keeps what it was lent. bench/load measures what stays.
run_server() { cd "$1" && DOTNET_GCgen0size=0x800000 MALLOC_ARENA_MAX=1 exec dotnet BoldLadder.Server.dll --urls "$2"; }
