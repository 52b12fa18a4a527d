# frozen_string_literal: true

require "open3"

# A ball in cold air by a second program: the method of lines in R, solved by the stiff solver of deSolve.
module HeatInR
  module_function

  # heat: a Cold::HeatTable.
  def script(radius_m, transfer, air_c, start_c, seconds, heat)
    <<~R
      suppressMessages(library(deSolve))
      n <- 48; r <- #{radius_m}; h <- #{transfer}; air <- #{air_c}
      edge <- seq(0, r, length.out = n + 1); mid <- (edge[-1] + edge[-(n + 1)]) / 2; dr <- r / n
      volume <- (edge[-1]^3 - edge[-(n + 1)]^3) / 3; area <- edge^2
      at <- c(#{celsius(heat).join(",")}); held <- c(#{heat.enthalpy.join(",")}); k <- c(#{heat.conductivity.join(",")})
      temperature <- approxfun(held, at, rule = 2); conduct <- approxfun(at, k, rule = 2); enthalpy <- approxfun(at, held, rule = 2)
      flow <- function(time, state, parameters) {
        t <- temperature(state); kc <- conduct(t)
        between <- area[2:n] * (t[-n] - t[-1]) / (dr / (2 * kc[-n]) + dr / (2 * kc[-1]))
        out <- area[n + 1] * (t[n] - air) / (1 / h + dr / (2 * kc[n]))
        list((c(0, between) - c(between, out)) / volume)
      }
      times <- c(0, #{seconds.join(",")})
      began <- proc.time()[["elapsed"]]
      answer <- ode(rep(enthalpy(#{start_c}), n), times, flow, NULL, method = "bdf", rtol = 1e-5, atol = 1000, jactype = "bandint", bandup = 1, banddown = 1)
      cat(proc.time()[["elapsed"]] - began, "\\n")
      for (row in 2:nrow(answer)) cat(sum(temperature(answer[row, -1]) * volume) / sum(volume), "\\n")
    R
  end

  def celsius(heat) = heat.enthalpy.each_index.map { |at| heat.from_c + at * heat.step_k }

  Solved = Struct.new(:seconds, :means, keyword_init: true)

  # Seconds that R took for the solution alone, and °C of the mean over the volume at so many seconds each.
  def solve(radius_m:, transfer:, air_c:, start_c:, seconds:, heat:)
    output, error, status = Open3.capture3("Rscript", "--vanilla", "-",
      stdin_data: script(radius_m, transfer, air_c, start_c, seconds, heat))
    raise error unless status.success?

    took, *means = output.split.map(&:to_f)
    Solved.new(seconds: took, means: means)
  end
end
