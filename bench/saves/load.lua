-- One thread is one user with one connection: saves its own document every so often, each save based on the one before.
local ffi = require("ffi")
ffi.cdef [[ typedef struct { long s; long ns; } when; int clock_gettime(int clock, when *t); ]]
local function now()
  local t = ffi.new("when")
  ffi.C.clock_gettime(1, t)
  return tonumber(t.s) * 1000 + tonumber(t.ns) / 1e6
end

local threads = {}
local users = {}
for line in io.lines(os.getenv("USERS")) do
  local cookie, token, path = line:match("([^\t]*)\t([^\t]*)\t([^\t]*)")
  users[#users + 1] = { cookie = cookie, token = token, path = path }
end

function setup(thread)
  local u = users[#threads + 1]
  thread:set("cookie", u.cookie)
  thread:set("token", u.token)
  thread:set("path", u.path)
  thread:set("number", #threads)
  threads[#threads + 1] = thread
end

function init(args)
  every = tonumber(args[1])
  local f = io.open(os.getenv("BODY"))
  body = f:read("*a")
  f:close()
  version, sent, bad, late = 0, 0, 0, 0
  -- Users do not all save in the same instant.
  start = now() + number * every / 50
end

function delay()
  local wait = start + sent * every - now()
  if wait < 0 then late = late + 1 end
  return wait > 0 and math.floor(wait) or 0
end

function request()
  sent = sent + 1
  local text = body:gsub('"n":0', '"n":' .. (version + 1), 1)
  return wrk.format("PUT", path, {
    ["Cookie"] = cookie, ["X-XSRF-TOKEN"] = token, ["Content-Type"] = "application/json",
  }, '{"version":' .. version .. ',"body":' .. text .. '}')
end

function response(status, headers, answer)
  local v = tonumber(answer:match('"version":(%d+)'))
  -- Exactly one step on from what this user knew: nobody else, and no save of its own twice.
  if status ~= 200 or v ~= version + 1 then
    bad = bad + 1
    io.stderr:write(string.format("user %d: %d %s\n", number + 1, status, answer:sub(1, 200)))
  else
    version = v
  end
end

function done(summary, latency, requests)
  local out = io.open(os.getenv("RESULT"), "w")
  for i, t in ipairs(threads) do
    out:write(string.format("%d\t%d\t%d\t%d\t%d\n", i, t:get("version"), t:get("sent"), t:get("bad"), t:get("late")))
  end
  out:write(string.format("all\t%d\t%d\t%.3f\t%.3f\t%.3f\t%.3f\n", summary.requests, summary.duration,
    latency:percentile(50) / 1000, latency:percentile(95) / 1000, latency:percentile(99) / 1000, latency.max / 1000))
  local e = summary.errors
  out:write(string.format("errors\t%d\n", e.connect + e.read + e.write + e.status + e.timeout))
  out:close()
end
