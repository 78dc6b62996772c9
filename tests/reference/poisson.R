# Freezes what R says of made-up stints: Rscript tests/reference/poisson.R > tests/reference/data/poisson.json
#
# glm(family = quasipoisson) for effects that are drawn toward nothing, and mgcv (Wood 2017, Generalized Additive Models, 2nd ed.) with
# random effects by REML for those that are. Needs r-base-core and r-cran-mgcv; the tests read what it wrote.
suppressPackageStartupMessages(library(mgcv))
set.seed(20261201)
days <- 40; stints <- 9
row <- expand.grid(stint = 1:stints, day = 1:days)
pick <- function(n) factor(sample(letters[1:n], nrow(row), replace = TRUE))
row$finish <- pick(4); row$skirt <- pick(6); row$style <- pick(3)
row$hours <- sample(c(0.25, 0.5, 0.75, 1, 1.5), nrow(row), replace = TRUE)
true <- list(finish = c(0.4, 0, -0.3, 0.1), skirt = c(0.3, -0.2, 0, 0.5, -0.4, 0.1), style = c(0.25, 0, -0.25))
luck <- rnorm(days, 0, 0.5)
mean <- 2 * row$hours * exp(luck[row$day] + true$finish[row$finish] + true$skirt[row$skirt] + true$style[row$style])
# Fish that bite in pairs.
row$bites <- 2 * rpois(nrow(row), mean / 2)
row$day <- factor(row$day)
row <- row[row$day %in% names(which(tapply(row$bites, row$day, sum) > 0)), ]
row$day <- droplevels(row$day)

free <- glm(bites ~ day + finish + skirt + style + offset(log(hours)), quasipoisson, row, epsilon = 1e-14)
named <- grep("^(finish|skirt|style)", names(coef(free)), value = TRUE)
errors <- summary(free)$coefficients[named, "Std. Error"]

scale <- 1.7
shrunk <- gam(bites ~ day + s(finish, bs = "re") + s(skirt, bs = "re") + s(style, bs = "re") + offset(log(hours)),
              quasipoisson, row, method = "REML", scale = scale)
random <- grep("^s\\(", names(coef(shrunk)))
vp <- vcov(shrunk)[random, random]
invisible(capture.output(spreads <- gam.vcomp(shrunk)[, "std.dev"]))
number <- function(x) format(x, digits = 12, trim = TRUE, scientific = FALSE)
list_of <- function(x) paste0("[", paste(x, collapse = ", "), "]")
pairs <- function(x) paste0("{", paste(sprintf('"%s": %s', names(x), number(x)), collapse = ", "), "}")
levels_of <- unlist(lapply(c("finish", "skirt", "style"), function(f) paste0(f, levels(row[[f]]))))
cat("{\n")
cat(sprintf('"source": "R %s.%s glm; mgcv %s",\n', R.version$major, R.version$minor, packageVersion("mgcv")))
cat('"stints": [\n')
cat(paste(sprintf('["%s", "%s", "%s", "%s", %s, %d]', row$day, row$finish, row$skirt, row$style, row$hours, row$bites), collapse = ",\n"))
cat('\n],\n"free": {"effects": ', pairs(coef(free)[named]), ', "errors": ', pairs(errors),
    ', "dispersion": ', number(summary(free)$dispersion), '},\n', sep = "")
cat('"shrunk": {"dispersion": ', scale, ', "effects": ', pairs(setNames(coef(shrunk)[random], levels_of)),
    ', "errors": ', pairs(setNames(sqrt(diag(vp)), levels_of)),
    ', "spreads": ', list_of(number(spreads)), '}\n}\n', sep = "")
