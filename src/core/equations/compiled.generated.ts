/* Made by npm run equations of the expressions of all equations; a test makes it anew and compares. */
/* eslint-disable */
import { ceilGuarded } from '../base/checks';
import { power } from '../base/power';
import { least, most, on, sum, type Run } from './closures';

export const COMPILED: Readonly<Record<string, Run>> = {
  // V * rho
  'cj923d7g0c': (v: any) => v.V * v.rho,
  // A / (6 * V23)
  '87ex0fwtpx': (v: any) => v.A / (6 * v.V23),
  // min(5, max(1, 1 + kS * (S - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))
  'myw44oojp7': (v: any) => Math.min(5, Math.max(1, 1 + v.kS * (v.S - 1) + v.kH * v.nH + v.kP * v.nP + v.kU * v.nU + v.kD * v.nD + v.kC * v.face)),
  // 0.5 + 0.25 * c
  '17unffunhzh': (v: any) => 0.5 + 0.25 * v.c,
  // L * W / 10000
  'ku9qvr6hw6': (v: any) => v.L * v.W / 10000,
  // L * W * H / 1000000
  'nbjng3wtls': (v: any) => v.L * v.W * v.H / 1000000,
  // ct + (parting + shift)
  '15k8py8gl12': (v: any) => v.ct + (v.parting + v.shift),
  // min(ct, base + perMm * max(0, nominal - upTo)) + (parting + shift)
  'kf6kmnwog0': (v: any) => Math.min(v.ct, v.base + v.perMm * Math.max(0, v.nominal - v.upTo)) + (v.parting + v.shift),
  // base + perMm * max(0, nominal - upTo) + (parting + shift)
  'wkbicl3juk': (v: any) => v.base + v.perMm * Math.max(0, v.nominal - v.upTo) + (v.parting + v.shift),
  // A * s
  '1ohwv0krnb': (v: any) => v.A * v.s,
  // Au * 100 * s
  'qvzhuuhsr5': (v: any) => v.Au * 100 * v.s,
  // 3.141592653589793 * d * depth * s
  'iwiuynm9pp': (v: any) => 3.141592653589793 * v.d * v.depth * v.s,
  // 3.141592653589793 * d * depth * s * share
  '108i3uho248': (v: any) => 3.141592653589793 * v.d * v.depth * v.s * v.share,
  // 0.7853981633974483 * d * d * (1 - minor * minor) * depth / 2
  '15fie185iqi': (v: any) => 0.7853981633974483 * v.d * v.d * (1 - v.minor * v.minor) * v.depth / 2,
  // 0.7853981633974483 * (minor * d) * (minor * d) * depth
  '1ykk16ew3m': (v: any) => 0.7853981633974483 * (v.minor * v.d) * (v.minor * v.d) * v.depth,
  // 0.7853981633974483 * d * d * depth
  'mn4qu7icvu': (v: any) => 0.7853981633974483 * v.d * v.d * v.depth,
  // n * each
  'lsiqh29b3g': (v: any) => v.n * v.each,
  // n * (t0 + each * u / P)
  'e2pj5vfbae': (v: any) => v.n * (v.t0 + v.each * v.u / v.P),
  // n * (t0 + each * (u * gE) / P)
  '9a17g7m8jr': (v: any) => v.n * (v.t0 + v.each * (v.u * v.gE) / v.P),
  // 0
  'kcl51q763z': (v: any) => 0,
  // said
  '7q1v1s5an0': (v: any) => v.said,
  // ceil(k / per)
  '16s2v6svltq': (v: any) => ceilGuarded(v.k / v.per),
  // sum(s) / 60 + nSet * tLoad
  'dbndqwom58': (v: any) => sum(v.s) / 60 + v.nSet * v.tLoad,
  // tMach / 60 * Rmc * (1 + (wear0 + aWear / mach))
  '64okjx3op': (v: any) => v.tMach / 60 * v.Rmc * (1 + (v.wear0 + v.aWear / v.mach)),
  // sum(e) / 1000
  '8fqo4ogf2o': (v: any) => sum(v.e) / 1000,
  // (V + stock) * rho
  'mb03k7xyoe': (v: any) => (v.V + v.stock) * v.rho,
  // t / w
  '13lw2k4fwg3': (v: any) => v.t / v.w,
  // mc / Y
  'ulf440zb1b': (v: any) => v.mc / v.Y,
  // pInj * Ap * overflow * margin / 10000
  'xwtc031dpf': (v: any) => v.pInj * v.Ap * v.overflow * v.margin / 10000,
  // min(0.6, scrap * (1 + kStrain * nStrain))
  '145kn96ead7': (v: any) => Math.min(0.6, v.scrap * (1 + v.kStrain * v.nStrain)),
  // min(0.6, scrap * (1 + kStrain * nStrain) * fGrain)
  '11344fub3w2': (v: any) => Math.min(0.6, v.scrap * (1 + v.kStrain * v.nStrain) * v.fGrain),
  // min(0.6, (scrapSet + on(learn - full * lot) * (scrapNew - scrapSet)) * (1 + kStrain * nStrain))
  '61eoco7j9q': (v: any) => Math.min(0.6, (v.scrapSet + on(v.learn - v.full * v.lot) * (v.scrapNew - v.scrapSet)) * (1 + v.kStrain * v.nStrain)),
  // min(0.6, (scrapSet + on(learn - full * lot) * (scrapNew - scrapSet)) * (1 + kStrain * nStrain) * fGrain)
  'scw4utx9hh': (v: any) => Math.min(0.6, (v.scrapSet + on(v.learn - v.full * v.lot) * (v.scrapNew - v.scrapSet)) * (1 + v.kStrain * v.nStrain) * v.fGrain),
  // (1 + oh) * (1 + mg) * (1 + kFit)
  '11r1pjq3c33': (v: any) => (1 + v.oh) * (1 + v.mg) * (1 + v.kFit),
  // n * F1
  'qu5yhikks': (v: any) => v.n * v.F1,
  // n * mc / Y
  'avq3vdj5mj': (v: any) => v.n * v.mc / v.Y,
  // n * ((L + gap) * (W + gap) * run) * (H + 2 * cover) / 1000000
  'hol7x2o13j': (v: any) => v.n * ((v.L + v.gap) * (v.W + v.gap) * v.run) * (v.H + 2 * v.cover) / 1000000,
  // min(n - 1, floor(share * n + 0.5))
  '6d1btvfd9o': (v: any) => Math.min(v.n - 1, Math.floor(v.share * v.n + 0.5)),
  // h0 + hE * E * max(1, nt) + (1 + r * max(0, nt - 1)) * (hN + hA * a * kappa + hHole * nHc + hCore * nP + hU * nU)
  'tpv34ckl6d': (v: any) => v.h0 + v.hE * v.E * Math.max(1, v.nt) + (1 + v.r * Math.max(0, v.nt - 1)) * (v.hN + v.hA * v.a * v.kappa + v.hHole * v.nHc + v.hCore * v.nP + v.hU * v.nU),
  // (h0 + hE * E * max(1, nt) + (1 + r * max(0, nt - 1)) * (hN + hA * a * kappa + hHole * nHc + hCore * nP + hU * nU)) * fHours
  'wowoekpu9t': (v: any) => (v.h0 + v.hE * v.E * Math.max(1, v.nt) + (1 + v.r * Math.max(0, v.nt - 1)) * (v.hN + v.hA * v.a * v.kappa + v.hHole * v.nHc + v.hCore * v.nP + v.hU * v.nU)) * v.fHours,
  // Ht * Rtool + m0 + mV * B * max(1, nt) + nTry * cTry
  '14hbtui9rcj': (v: any) => v.Ht * v.Rtool + v.m0 + v.mV * v.B * Math.max(1, v.nt) + v.nTry * v.cTry,
  // Ht * Rtool + (m0 + mV * B * max(1, nt)) * fMaterial + nTry * cTry
  '10k8w8t8t7f': (v: any) => v.Ht * v.Rtool + (v.m0 + v.mV * v.B * Math.max(1, v.nt)) * v.fMaterial + v.nTry * v.cTry,
  // on(shots) * max(0, ceil(shots / life) - 1)
  'quph2wxyv7': (v: any) => on(v.shots) * Math.max(0, ceilGuarded(v.shots / v.life) - 1),
  // on(shots) * max(0, ceil(shots / (life * fLife)) - 1)
  'd8sazq1way': (v: any) => on(v.shots) * Math.max(0, ceilGuarded(v.shots / (v.life * v.fLife)) - 1),
  // ceil(max(0, shots - left) / life)
  's52isx6h9s': (v: any) => ceilGuarded(Math.max(0, v.shots - v.left) / v.life),
  // ceil(max(0, shots - left) / (life * fLife))
  'ix7hn5vhnr': (v: any) => ceilGuarded(Math.max(0, v.shots - v.left) / (v.life * v.fLife)),
  // kNew * snew + kSet * sset + on(rest) * srest
  '11qpd5kuhr4': (v: any) => v.kNew * v.snew + v.kSet * v.sset + on(v.rest) * v.srest,
  // mu * C1 / life
  'oscl57mysg': (v: any) => v.mu * v.C1 / v.life,
  // mu * C1 / (life * fLife)
  'kgsmpxqp75': (v: any) => v.mu * v.C1 / (v.life * v.fLife),
  // (1 + mk) * C1 * fx
  '184tzm527ce': (v: any) => (1 + v.mk) * v.C1 * v.fx,
  // fitUp * C1 * fx
  'kta3xob13v': (v: any) => v.fitUp * v.C1 * v.fx,
  // paid * fx
  '11h9c6nvj9t': (v: any) => v.paid * v.fx,
  // (fitUp * C1 + fee * C1 * (1 + mk)) * fx
  'n6jpdrh84y': (v: any) => (v.fitUp * v.C1 + v.fee * v.C1 * (1 + v.mk)) * v.fx,
  // (paid + fee * C1 * (1 + mk)) * fx
  'y9sdyb1kgs': (v: any) => (v.paid + v.fee * v.C1 * (1 + v.mk)) * v.fx,
  // insert * C1 * (1 + mk) * fx
  'cheegwagnb': (v: any) => v.insert * v.C1 * (1 + v.mk) * v.fx,
  // share * C1 * (1 + mk) * fx
  '9cdring72v': (v: any) => v.share * v.C1 * (1 + v.mk) * v.fx,
  // (1 + mk) * sets * fRep * C1 * fx
  '13p2di2ujp4': (v: any) => (1 + v.mk) * v.sets * v.fRep * v.C1 * v.fx,
  // (1 + mk) * (nSet * min(cFix, q * cSoft) + nSet * hProg * Rprog) * fx
  '14mgdrjq7ih': (v: any) => (1 + v.mk) * (v.nSet * Math.min(v.cFix, v.q * v.cSoft) + v.nSet * v.hProg * v.Rprog) * v.fx,
  // (1 + mk) * nG * min(gaugeUSD, q * gaugeHand) * fx
  'gn3q2ozcmi': (v: any) => (1 + v.mk) * v.nG * Math.min(v.gaugeUSD, v.q * v.gaugeHand) * v.fx,
  // (storage + storageVol * B) * ceil(q / perYear) * fx
  '496l3zkh1q': (v: any) => (v.storage + v.storageVol * v.B) * ceilGuarded(v.q / v.perYear) * v.fx,
  // paid * ceil(q / perYear) * fx
  'aos0q5rp6z': (v: any) => v.paid * ceilGuarded(v.q / v.perYear) * v.fx,
  // first + sets + fixtures + gauges
  'zgcmqdtoa5': (v: any) => v.first + v.sets + v.fixtures + v.gauges,
  // first + sets + fixtures + gauges + storage
  'b6say77awl': (v: any) => v.first + v.sets + v.fixtures + v.gauges + v.storage,
  // loss
  'mt9oefmxp6': (v: any) => v.loss,
  // loss + extraLoss * nX
  'zahsx5y0jy': (v: any) => v.loss + v.extraLoss * v.nX,
  // R * (t0 + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)
  '1ojpn6aol': (v: any) => v.R * (v.t0 + v.tV * v.Vm + v.tN * v.n + v.tR * v.coats + v.tInj * v.inj) / 60 + v.k0 + v.kV * v.Vm + v.kN * v.n + v.kA * v.a * v.n * Math.max(1, v.coats),
  // R * (t0 + extraMin * nX * n + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)
  '16f6vn80bp6': (v: any) => v.R * (v.t0 + v.extraMin * v.nX * v.n + v.tV * v.Vm + v.tN * v.n + v.tR * v.coats + v.tInj * v.inj) / 60 + v.k0 + v.kV * v.Vm + v.kN * v.n + v.kA * v.a * v.n * Math.max(1, v.coats),
  // R * (t0 + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + kCond + kGrain + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)
  '618015t5l8': (v: any) => v.R * (v.t0 + v.tV * v.Vm + v.tN * v.n + v.tR * v.coats + v.tInj * v.inj) / 60 + v.kCond + v.kGrain + v.k0 + v.kV * v.Vm + v.kN * v.n + v.kA * v.a * v.n * Math.max(1, v.coats),
  // R * (t0 + extraMin * nX * n + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + kCond + kGrain + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)
  'npsknkfs7x': (v: any) => v.R * (v.t0 + v.extraMin * v.nX * v.n + v.tV * v.Vm + v.tN * v.n + v.tR * v.coats + v.tInj * v.inj) / 60 + v.kCond + v.kGrain + v.k0 + v.kV * v.Vm + v.kN * v.n + v.kA * v.a * v.n * Math.max(1, v.coats),
  // n * nC * (tC * D * R / 60 + kC * D * D)
  '7vg2o9mgz0': (v: any) => v.n * v.nC * (v.tC * v.D * v.R / 60 + v.kC * v.D * v.D),
  // n * nC * (tC * D * R / 60 + kC * D * D) * kBuy
  '180aptytood': (v: any) => v.n * v.nC * (v.tC * v.D * v.R / 60 + v.kC * v.D * v.D) * v.kBuy,
  // n * (p0 + pV * V)
  '1m9s9zlfpj': (v: any) => v.n * (v.p0 + v.pV * v.V),
  // R * (tp0 + tpM * (n * mc / Y)) / 60
  'rid3upibe': (v: any) => v.R * (v.tp0 + v.tpM * (v.n * v.mc / v.Y)) / 60,
  // tc0 + tcN * n + tcF * F + kShut * delta * t + tU * nU * n
  'rawis4gmvj': (v: any) => v.tc0 + v.tcN * v.n + v.tcF * v.F + v.kShut * v.delta * v.t + v.tU * v.nU * v.n,
  // tc0 + tcN * n + tcF * F + kShut * delta * t + tU * nU * n + 60 * extraMin * nX * n
  'ymtwq0y3ks': (v: any) => v.tc0 + v.tcN * v.n + v.tcF * v.F + v.kShut * v.delta * v.t + v.tU * v.nU * v.n + 60 * v.extraMin * v.nX * v.n,
  // (rm0 + rmF * F + crew * R) * cycle / 3600
  'eqdqa9y1mf': (v: any) => (v.rm0 + v.rmF * v.F + v.crew * v.R) * v.cycle / 3600,
  // R * tKO / 60
  'hbunpzjcfi': (v: any) => v.R * v.tKO / 60,
  // mould + cores + prints + pouring + knockOut
  'jauzr1c27q': (v: any) => v.mould + v.cores + v.prints + v.pouring + v.knockOut,
  // (mould + cores + prints) / (1 - mu) + pouring + knockOut
  'lyu82mxgdt': (v: any) => (v.mould + v.cores + v.prints) / (1 - v.mu) + v.pouring + v.knockOut,
  // n * (1 - lambda)
  'am8u9p5zn7': (v: any) => v.n * (1 - v.lambda),
  // (n - nL) * (1 - lambda)
  'g56pomws67': (v: any) => (v.n - v.nL) * (1 - v.lambda),
  // R * ((tCut + tF * a) * fFet + tStr) / 60 + kB * mc
  'fuvbsxtglb': (v: any) => v.R * ((v.tCut + v.tF * v.a) * v.fFet + v.tStr) / 60 + v.kB * v.mc,
  // asked * kHT * mc
  '143olx5he12': (v: any) => v.asked * v.kHT * v.mc,
  // lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray
  'aihv2iq23t': (v: any) => v.lookMin * v.D * v.Rinsp / 60 + v.tight * v.Ptest + v.xray * v.Xray,
  // nD * GeoMin * Rinsp / 60
  'zy5oz3ft4p': (v: any) => v.nD * v.GeoMin * v.Rinsp / 60,
  // 1 / (1 - (sIns + leak))
  '13ft0fp5lcm': (v: any) => 1 / (1 - (v.sIns + v.leak)),
  // nD / (1 - sMach)
  'qshc6gq58x': (v: any) => v.nD / (1 - v.sMach),
  // nC / (1 - sc * (1 - omega))
  'b91vxjljec': (v: any) => v.nC / (1 - v.sc * (1 - v.omega)),
  // sum(kP) + sum(kA) * a + sum(perKg) * mc
  '5n15v1m642': (v: any) => sum(v.kP) + sum(v.kA) * v.a + sum(v.perKg) * v.mc,
  // sum(kLot)
  'pisw9ijgmv': (v: any) => sum(v.kLot),
  // sum(kKg)
  '58mgutu1s6': (v: any) => sum(v.kKg),
  // Q * nB
  'tufbzj7y9y': (v: any) => v.Q * v.nB,
  // ceil(Q * nB / (n * (1 - lambda))) + w
  'v8pxk5gh56': (v: any) => ceilGuarded(v.Q * v.nB / (v.n * (1 - v.lambda))) + v.w,
  // ceil(Q * nB / ((n - nL) * (1 - lambda))) + w
  'iqnxs94i44': (v: any) => ceilGuarded(v.Q * v.nB / ((v.n - v.nL) * (1 - v.lambda))) + v.w,
  // ceil(Q / n) + w
  '36nwlqorzj': (v: any) => ceilGuarded(v.Q / v.n) + v.w,
  // ceil(Q / (n - nL)) + w
  'c2dff1l3rt': (v: any) => ceilGuarded(v.Q / (v.n - v.nL)) + v.w,
  // Pw * (n * mc / Y)
  'uqn71w2oab': (v: any) => v.Pw * (v.n * v.mc / v.Y),
  // Pw
  'rf7f8wve5k': (v: any) => v.Pw,
  // Pw / (1 - mu)
  '70jid780m6': (v: any) => v.Pw / (1 - v.mu),
  // Pw * n / nt / (1 - mu)
  '164gmc9yacl': (v: any) => v.Pw * v.n / v.nt / (1 - v.mu),
  // Pw * n / nt
  '6qp83kep29': (v: any) => v.Pw * v.n / v.nt,
  // aMelt + eMelt * pE
  '65jejouwcn': (v: any) => v.aMelt + v.eMelt * v.pE,
  // hSU * Rshot + kLot + hFO * Rinsp + nSet * hSetup * Rmc
  '1u2qjnpors': (v: any) => v.hSU * v.Rshot + v.kLot + v.hFO * v.Rinsp + v.nSet * v.hSetup * v.Rmc,
  // cPour + M * (p * (1 + l - kRet) + cMelt)
  'rw2y9pttap': (v: any) => v.cPour + v.M * (v.p * (1 + v.l - v.kRet) + v.cMelt),
  // cPour + M * (p * (1 + l - kRet) + cMelt + heldKg)
  '2qlkx43gmr': (v: any) => v.cPour + v.M * (v.p * (1 + v.l - v.kRet) + v.cMelt + v.heldKg),
  // setUp + Pw * cPour + p * (kg * (1 + l) - kRet * (kg - Q * mc)) + kg * cMelt + NB * (fin + heat) + Q * nB * sc * omega * cRw + Q * nC * mach + Q * nD * look + max(share * Q, min(Q, 3)) * measure + shots * upkeep
  '5efq8f03ij': (v: any) => v.setUp + v.Pw * v.cPour + v.p * (v.kg * (1 + v.l) - v.kRet * (v.kg - v.Q * v.mc)) + v.kg * v.cMelt + v.NB * (v.fin + v.heat) + v.Q * v.nB * v.sc * v.omega * v.cRw + v.Q * v.nC * v.mach + v.Q * v.nD * v.look + Math.max(v.share * v.Q, Math.min(v.Q, 3)) * v.measure + v.shots * v.upkeep,
  // setUp + Pw * cPour + p * (kg * (1 + l) - kRet * (kg - Q * mc)) + kg * cMelt + NB * (fin + heat) + Q * nB * sc * omega * cRw + Q * nC * mach + Q * nD * look + max(share * Q, min(Q, 3)) * measure + shots * upkeep + coatLot + Q * coat + heldLot + kg * heldKg
  'ppug8sfq18': (v: any) => v.setUp + v.Pw * v.cPour + v.p * (v.kg * (1 + v.l) - v.kRet * (v.kg - v.Q * v.mc)) + v.kg * v.cMelt + v.NB * (v.fin + v.heat) + v.Q * v.nB * v.sc * v.omega * v.cRw + v.Q * v.nC * v.mach + v.Q * v.nD * v.look + Math.max(v.share * v.Q, Math.min(v.Q, 3)) * v.measure + v.shots * v.upkeep + v.coatLot + v.Q * v.coat + v.heldLot + v.kg * v.heldKg,
  // floor(q / lot)
  's824hrz51b': (v: any) => Math.floor(v.q / v.lot),
  // q - full * lot
  'me6i18h10x': (v: any) => v.q - v.full * v.lot,
  // min(full, ceil(learn / lot))
  '10r3ruziyj7': (v: any) => Math.min(v.full, ceilGuarded(v.learn / v.lot)),
  // full - kNew
  '8a224o1h60': (v: any) => v.full - v.kNew,
  // tools + K * (kNew * lotNew + kSet * lotSet + on(rest) * lotRest) * fx
  'shf7i27ync': (v: any) => v.tools + v.K * (v.kNew * v.lotNew + v.kSet * v.lotSet + on(v.rest) * v.lotRest) * v.fx,
  // tools + K * ((kNew + kSet) * dFull * lotSet + kNew * dNew * (lotNew - lotSet) + on(rest) * dRest * lotRest) * fx
  '13ps9areldr': (v: any) => v.tools + v.K * ((v.kNew + v.kSet) * v.dFull * v.lotSet + v.kNew * v.dNew * (v.lotNew - v.lotSet) + on(v.rest) * v.dRest * v.lotRest) * v.fx,
  // K * setUp / Q * fx
  '7ftdwzgrc1': (v: any) => v.K * v.setUp / v.Q * v.fx,
  // K * Pw * cPour / Q * fx
  'f7uo2z0z2e': (v: any) => v.K * v.Pw * v.cPour / v.Q * v.fx,
  // K * p * (kg * (1 + l) - kRet * (kg - Q * mc)) / Q * fx
  'gkhih7kjz2': (v: any) => v.K * v.p * (v.kg * (1 + v.l) - v.kRet * (v.kg - v.Q * v.mc)) / v.Q * v.fx,
  // K * kg * cMelt / Q * fx
  'bbzv77qo4r': (v: any) => v.K * v.kg * v.cMelt / v.Q * v.fx,
  // K * fin * fx
  '4sqr0pj0j3': (v: any) => v.K * v.fin * v.fx,
  // K * asked * kHT * mc * fx
  'im4a6u8efp': (v: any) => v.K * v.asked * v.kHT * v.mc * v.fx,
  // K * mach * fx
  'ub06i95i43': (v: any) => v.K * v.mach * v.fx,
  // K * (look + max(share * Q, min(Q, 3)) * measure / Q) * fx
  '14dfc2nmk9l': (v: any) => v.K * (v.look + Math.max(v.share * v.Q, Math.min(v.Q, 3)) * v.measure / v.Q) * v.fx,
  // K * (coatLot / Q + coat) * fx
  'fex47imd2h': (v: any) => v.K * (v.coatLot / v.Q + v.coat) * v.fx,
  // K * (heldLot + kg * heldKg) / Q * fx
  'ly4l9yyh6l': (v: any) => v.K * (v.heldLot + v.kg * v.heldKg) / v.Q * v.fx,
  // K * shots * upkeep / Q * fx
  'e4mtd2d261': (v: any) => v.K * v.shots * v.upkeep / v.Q * v.fx,
  // K * (lot - clean) / Q * fx
  '6g2ao8x67a': (v: any) => v.K * (v.lot - v.clean) / v.Q * v.fx,
  // setUp + pours + metal + melting + finishing + heatTreatment + machining + inspection + coat + containment + upkeep + scrapAndRework
  'nc5xzjxurv': (v: any) => v.setUp + v.pours + v.metal + v.melting + v.finishing + v.heatTreatment + v.machining + v.inspection + v.coat + v.containment + v.upkeep + v.scrapAndRework,
  // T / q
  '6nh2t62oph': (v: any) => v.T / v.q,
  // K * w * perPour / Q * fx
  'y92kbph28': (v: any) => v.K * v.w * v.perPour / v.Q * v.fx,
  // K * (lot - full) / Q * fx
  'yj3sahsq4i': (v: any) => v.K * (v.lot - v.full) / v.Q * v.fx,
  // K * (kNew * lots + rest) / q * fx
  'pe0ng7k2ft': (v: any) => v.K * (v.kNew * v.lots + v.rest) / v.q * v.fx,
  // sets / q
  'e968gxa9wy': (v: any) => v.sets / v.q,
  // growth * shots / 1000
  'd0opqt9zy5': (v: any) => v.growth * v.shots / 1000,
  // (L + 2 * allow) * (W + 2 * allow) * (H + 2 * allow) / 1000
  'glgbw6waqn': (v: any) => (v.L + 2 * v.allow) * (v.W + 2 * v.allow) * (v.H + 2 * v.allow) / 1000,
  // 0.7853981633974483 * ((max(L, W) + 2 * allow) * (max(L, W) + 2 * allow)) * (H + 2 * allow) / 1000
  'wfnjqdi0er': (v: any) => 0.7853981633974483 * ((Math.max(v.L, v.W) + 2 * v.allow) * (Math.max(v.L, v.W) + 2 * v.allow)) * (v.H + 2 * v.allow) / 1000,
  // stock * rho
  'pzlf90r4mo': (v: any) => v.stock * v.rho,
  // min(60 * Ps * eta / (1000 * u), aMrr * mach)
  'z7aikwe65g': (v: any) => Math.min(60 * v.Ps * v.eta / (1000 * v.u), v.aMrr * v.mach),
  // ceil(s0 + sU * nU + 2 * nP)
  'qt5av7h4p1': (v: any) => ceilGuarded(v.s0 + v.sU * v.nU + 2 * v.nP),
  // n * sum(t)
  '8zyorqcnw3': (v: any) => v.n * sum(v.t),
  // n * (sum(t) + 0.7853981633974483 * (d * d) * depth * u / P)
  'u2o1op2ovv': (v: any) => v.n * (sum(v.t) + 0.7853981633974483 * (v.d * v.d) * v.depth * v.u / v.P),
  // n * (sum(t) + 0.7853981633974483 * (minor * d * (minor * d)) * depth * u / P)
  'zjo2sd3dhe': (v: any) => v.n * (sum(v.t) + 0.7853981633974483 * (v.minor * v.d * (v.minor * v.d)) * v.depth * v.u / v.P),
  // sum(s)
  '2txxzsoh5s': (v: any) => sum(v.s),
  // ((stock - V) / mrr + a * 100 / (aFin * mach) * kappa) * air + detail / 60
  'dozb0zio3y': (v: any) => ((v.stock - v.V) / v.mrr + v.a * 100 / (v.aFin * v.mach) * v.kappa) * v.air + v.detail / 60,
  // ((stock - V) / mrr + a * 100 / (aFin * mach) * kappa * thin) * air + detail / 60
  'v15rrr99yp': (v: any) => ((v.stock - v.V) / v.mrr + v.a * 100 / (v.aFin * v.mach) * v.kappa * v.thin) * v.air + v.detail / 60,
  // (((stock - V) / mrr + a * 100 / (aFin * mach) * kappa) * air + detail / 60) * wheel
  '336yg14fti': (v: any) => (((v.stock - v.V) / v.mrr + v.a * 100 / (v.aFin * v.mach) * v.kappa) * v.air + v.detail / 60) * v.wheel,
  // (((stock - V) / mrr + a * 100 / (aFin * mach) * kappa * thin) * air + detail / 60) * wheel
  'hq78tn3r3j': (v: any) => (((v.stock - v.V) / v.mrr + v.a * 100 / (v.aFin * v.mach) * v.kappa * v.thin) * v.air + v.detail / 60) * v.wheel,
  // cut + nSet * tLoad
  '7qo0ajrvpa': (v: any) => v.cut + v.nSet * v.tLoad,
  // stock * p * kStock - (stock - m) * p * kChip
  '16jtqvpjkm3': (v: any) => v.stock * v.p * v.kStock - (v.stock - v.m) * v.p * v.kChip,
  // cut / 60 * Rmc * (1 + (wear0 + aWear / mach)) + nSet * tLoad / 60 * Rmc
  '11vsrre829o': (v: any) => v.cut / 60 * v.Rmc * (1 + (v.wear0 + v.aWear / v.mach)) + v.nSet * v.tLoad / 60 * v.Rmc,
  // tHandle / 60 * Rlab
  'xkf7f04d2t': (v: any) => v.tHandle / 60 * v.Rlab,
  // heat * kHT * m
  'doab5h3bip': (v: any) => v.heat * v.kHT * v.m,
  // lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray + share * nD * GeoMin * Rinsp / 60
  'o5zva3e2j': (v: any) => v.lookMin * v.D * v.Rinsp / 60 + v.tight * v.Ptest + v.xray * v.Xray + v.share * v.nD * v.GeoMin * v.Rinsp / 60,
  // (metal + machining + finishing + heat + insp) / (1 - scrap)
  'ggaep1r6ix': (v: any) => (v.metal + v.machining + v.finishing + v.heat + v.insp) / (1 - v.scrap),
  // h0 + hC * (c - 1)
  'lxtfmdp6hv': (v: any) => v.h0 + v.hC * (v.c - 1),
  // fx * (1 + mk) * (hProg * Rprog + nSet * min(cFix, q * cSoft))
  'e4gr0y4hjd': (v: any) => v.fx * (1 + v.mk) * (v.hProg * v.Rprog + v.nSet * Math.min(v.cFix, v.q * v.cSoft)),
  // nSet * hSetup * Rmc
  '16e0g77ua86': (v: any) => v.nSet * v.hSetup * v.Rmc,
  // fx * K * (setUp / min(lot, q) + piece)
  'zihbfx5ean': (v: any) => v.fx * v.K * (v.setUp / Math.min(v.lot, v.q) + v.piece),
  // tools + fx * K * (ceil(q / lot) * setUp + q * piece)
  '2wyii8llxx': (v: any) => v.tools + v.fx * v.K * (ceilGuarded(v.q / v.lot) * v.setUp + v.q * v.piece),
  // 3
  '17jperh4zlu': (v: any) => 3,
  // h0 + hP * 2 * (L + W) / 100 + hHole * nH + hForm * forms
  '17pt0n9hery': (v: any) => v.h0 + v.hP * 2 * (v.L + v.W) / 100 + v.hHole * v.nH + v.hForm * v.forms,
  // fx * (1 + mk) * (hours * Rtool + m0)
  '8v2ibltbnw': (v: any) => v.fx * (1 + v.mk) * (v.hours * v.Rtool + v.m0),
  // m * skeleton * p * kStock - m * (skeleton - 1) * p * kChip
  '177bbw0fxvl': (v: any) => v.m * v.skeleton * v.p * v.kStock - v.m * (v.skeleton - 1) * v.p * v.kChip,
  // (1 + forms) * tStroke / 3600 * Rpress
  'xkvfvhl0eg': (v: any) => (1 + v.forms) * v.tStroke / 3600 * v.Rpress,
  // m * kTumble + kPack
  'kzdeqlnlut': (v: any) => v.m * v.kTumble + v.kPack,
  // m * kTumble + kPack + tDeburr / 60 * Rlab
  'e0ph6qyxai': (v: any) => v.m * v.kTumble + v.kPack + v.tDeburr / 60 * v.Rlab,
  // metal + pours + finishing
  'bplgmvaiei': (v: any) => v.metal + v.pours + v.finishing,
  // hSU * Rpress
  'f39ftwbpwa': (v: any) => v.hSU * v.Rpress,
  // (h0 + hP * 2 * (L + W) / 100 + hHole * nH + hForm * forms) * progHours + progStation * (1 + forms + on(nH))
  'efva8qp0v8': (v: any) => (v.h0 + v.hP * 2 * (v.L + v.W) / 100 + v.hHole * v.nH + v.hForm * v.forms) * v.progHours + v.progStation * (1 + v.forms + on(v.nH)),
  // t / 3600 * Rpress
  'zx7eua7xea': (v: any) => v.t / 3600 * v.Rpress,
  // progSU * Rpress
  'dbjsh092pg': (v: any) => v.progSU * v.Rpress,
  // n * t
  '14nihpm4vvj': (v: any) => v.n * v.t,
  // n * h
  'gtl1hmclwb': (v: any) => v.n * v.h,
  // sum(joint) + align * max(small, min(large, D)) * (parts - 1)
  '6tu14cbuxw': (v: any) => sum(v.joint) + v.align * Math.max(v.small, Math.min(v.large, v.D)) * (v.parts - 1),
  // minutes / 60 * Rlab
  '11vw2j3bwii': (v: any) => v.minutes / 60 * v.Rlab,
  // sum(fixings)
  'ezuvmo5lll': (v: any) => sum(v.fixings),
  // stocking * parts
  'm9cuwlzrxj': (v: any) => v.stocking * v.parts,
  // n * c0
  'i2g8ghfzf6': (v: any) => v.n * v.c0,
  // bought
  'a2ren2o9jy': (v: any) => v.bought,
  // sum(kind)
  '17y40ju93qp': (v: any) => sum(v.kind),
  // m * p * kMat
  'fdg5725ift': (v: any) => v.m * v.p * v.kMat,
  // room * rent / perYear
  '35m2fe89ts': (v: any) => v.room * v.rent / v.perYear,
  // back / 100 * repair
  '7codqni06f': (v: any) => v.back / 100 * v.repair,
  // fx * (paid + space + returns)
  '14w6niz5tu9': (v: any) => v.fx * (v.paid + v.space + v.returns),
  // fx * (K * (pieces + metal + joining + hardware + stocking) + space + returns)
  '14krwwkfkel': (v: any) => v.fx * (v.K * (v.pieces + v.metal + v.joining + v.hardware + v.stocking) + v.space + v.returns),
  // fx * jig * (1 + mk)
  '11ztav6o6oe': (v: any) => v.fx * v.jig * (1 + v.mk),
  // jig + q * part
  '8is8q7b7vy': (v: any) => v.jig + v.q * v.part,
  // (1 + oh) * (1 + mg)
  'jptxeyc6m0': (v: any) => (1 + v.oh) * (1 + v.mg),
  // (1 + oh) * (1 + mg) * (1 + kSpec)
  '12zpsdt9ps5': (v: any) => (1 + v.oh) * (1 + v.mg) * (1 + v.kSpec),
  // shift * shifts * avail
  'h4m5b68xiz': (v: any) => v.shift * v.shifts * v.avail,
  // nC * tC * D
  'v9y1gta5bf': (v: any) => v.nC * v.tC * v.D,
  // nC * tC * D / (1 - mu)
  'c7okwenm3j': (v: any) => v.nC * v.tC * v.D / (1 - v.mu),
  // t0 + tV * Vm + tN * n
  'xihps558zq': (v: any) => v.t0 + v.tV * v.Vm + v.tN * v.n,
  // t0 + tV * Vm
  'ojcn9puclp': (v: any) => v.t0 + v.tV * v.Vm,
  // (t0 + tV * Vm + tN * n) / (1 - mu)
  'r4pv5qblbf': (v: any) => (v.t0 + v.tV * v.Vm + v.tN * v.n) / (1 - v.mu),
  // (t0 + tV * Vm) / (1 - mu)
  'xk9iiybl5k': (v: any) => (v.t0 + v.tV * v.Vm) / (1 - v.mu),
  // (t0 + tV * Vm + extraMin * nX * n + tN * n) / (1 - mu)
  'u8ymtew6oi': (v: any) => (v.t0 + v.tV * v.Vm + v.extraMin * v.nX * v.n + v.tN * v.n) / (1 - v.mu),
  // (t0 + tV * Vm + extraMin * nX * n) / (1 - mu)
  '7x8paui8w7': (v: any) => (v.t0 + v.tV * v.Vm + v.extraMin * v.nX * v.n) / (1 - v.mu),
  // tInj / nt
  '13x0pbip94n': (v: any) => v.tInj / v.nt,
  // tN
  '7jvnhv436f': (v: any) => v.tN,
  // tR * coats
  'e6zcpj8ys1': (v: any) => v.tR * v.coats,
  // tR * coats / (1 - mu)
  'jsos16lad1': (v: any) => v.tR * v.coats / (1 - v.mu),
  // t0
  '177hsc5e6p5': (v: any) => v.t0,
  // t0 / (1 - mu)
  '7h3j55a8el': (v: any) => v.t0 / (1 - v.mu),
  // tp0 + tpM * (n * mc / Y)
  'b6sr562juo': (v: any) => v.tp0 + v.tpM * (v.n * v.mc / v.Y),
  // crew * cycle / 60
  '160nynfj2nh': (v: any) => v.crew * v.cycle / 60,
  // tKO
  '154t6j48gut': (v: any) => v.tKO,
  // (tCut + tF * a) * fFet + tStr
  'ngj33fpmjd': (v: any) => (v.tCut + v.tF * v.a) * v.fFet + v.tStr,
  // tMach
  'zicl1yfvei': (v: any) => v.tMach,
  // lookMin * D + share * nD * GeoMin
  'g3b5ks5iuv': (v: any) => v.lookMin * v.D + v.share * v.nD * v.GeoMin,
  // cycle / 3600
  'cgjdi81i2x': (v: any) => v.cycle / 3600,
  // touch * n / 60 / persons
  't9gv03hd9e': (v: any) => v.touch * v.n / 60 / v.persons,
  // touch / 60 / persons
  '314hel1u4u': (v: any) => v.touch / 60 / v.persons,
  // wait * max(1, coats)
  '1nee27fuxs': (v: any) => v.wait * Math.max(1, v.coats),
  // wait
  '2ds6ahp1gg': (v: any) => v.wait,
  // base + perMm * t
  '1m36n20cpe': (v: any) => v.base + v.perMm * v.t,
  // (base + perMm * t) * fCool
  'ti5ruqmk1u': (v: any) => (v.base + v.perMm * v.t) * v.fCool,
  // h50 * pow(max(least, H / 2 + cover) / 50, exponent)
  '14ngbiev1sl': (v: any) => v.h50 * power(Math.max(v.least, v.H / 2 + v.cover) / 50, v.exponent),
  // max(waitMin, fWait * h50 * pow(max(least, H / 2 + cover) / 50, exponent))
  'veelbczxr8': (v: any) => Math.max(v.waitMin, v.fWait * v.h50 * power(Math.max(v.least, v.H / 2 + v.cover) / 50, v.exponent)),
  // W * (work / h + handed) + wait / 24
  '119e3fhflut': (v: any) => v.W * (v.work / v.h + v.handed) + v.wait / 24,
  // W * (work / h) + wait / 24
  'u3ql2g5v5o': (v: any) => v.W * (v.work / v.h) + v.wait / 24,
  // W * (most(coat) + sum(held) + trials)
  'f7jcxi7qdw': (v: any) => v.W * (most(v.coat) + sum(v.held) + v.trials),
  // sum(d)
  '37g68nv95r': (v: any) => sum(v.d),
  // touch / 60
  'oc6x1zjp35': (v: any) => v.touch / 60,
  // touch / 60 / out
  '9dm8po2sg0': (v: any) => v.touch / 60 / v.out,
  // cycle / 3600 / batch
  'ejjyo72ka4': (v: any) => v.cycle / 3600 / v.batch,
  // cycle / 3600 / (out * batch)
  '2ob6v4t5c5': (v: any) => v.cycle / 3600 / (v.out * v.batch),
  // wait / batch
  '9a5bga652x': (v: any) => v.wait / v.batch,
  // wait / (out * batch)
  '15xefr8plog': (v: any) => v.wait / (v.out * v.batch),
  // sum(t)
  '7dhikxty0f': (v: any) => sum(v.t),
  // min(maxGain, pow((Tp + 273) / (Tref + 273), 0 - 4 * xHeat)) * min(1, pow(mRef / M, xMass))
  'n66iailb7a': (v: any) => Math.min(v.maxGain, power((v.Tp + 273) / (v.Tref + 273), 0 - 4 * v.xHeat)) * Math.min(1, power(v.mRef / v.M, v.xMass)),
  // cap * shifts * share * out
  '9kj4uimctp': (v: any) => v.cap * v.shifts * v.share * v.out,
  // cap * heat * shifts * share * out
  '9sd0jciij': (v: any) => v.cap * v.heat * v.shifts * v.share * v.out,
  // cap * shifts * share / (mc / Y)
  '189m1f6kev7': (v: any) => v.cap * v.shifts * v.share / (v.mc / v.Y),
  // count * share * 24 / load
  'erpz6vuc1i': (v: any) => v.count * v.share * 24 / v.load,
  // count * share * h / load
  '12qgdrp0eqq': (v: any) => v.count * v.share * v.h / v.load,
  // least(day) / nB
  '10y78qdrk5a': (v: any) => least(v.day) / v.nB,
  // max(1, floor(out / nB + 0.000000001))
  '182edkowly5': (v: any) => Math.max(1, Math.floor(v.out / v.nB + 1e-9)),
  // wait + Ht / cap + buy + loops * loopDays
  'gh5jrwj47c': (v: any) => v.wait + v.Ht / v.cap + v.buy + v.loops * v.loopDays,
  // wait + Ht / cap + buy + loops * loopDays + cores
  'ps2h37woqx': (v: any) => v.wait + v.Ht / v.cap + v.buy + v.loops * v.loopDays + v.cores,
  // wait + Ht / (cap * pow(max(1, Ht / bigTool), bigExp)) + buy + loops * loopDays
  '9c3zjmz56k': (v: any) => v.wait + v.Ht / (v.cap * power(Math.max(1, v.Ht / v.bigTool), v.bigExp)) + v.buy + v.loops * v.loopDays,
  // wait + Ht / (cap * pow(max(1, Ht / bigTool), bigExp)) + buy + loops * loopDays + cores
  'hl1tvmdgr1': (v: any) => v.wait + v.Ht / (v.cap * power(Math.max(1, v.Ht / v.bigTool), v.bigExp)) + v.buy + v.loops * v.loopDays + v.cores,
  // wait + Ht / (cap * pow(max(1, Ht / bigTool), bigExp)) + buy + other + loops * loopDays
  '519igc4bk9': (v: any) => v.wait + v.Ht / (v.cap * power(Math.max(1, v.Ht / v.bigTool), v.bigExp)) + v.buy + v.other + v.loops * v.loopDays,
  // wait + Ht / (cap * pow(max(1, Ht / bigTool), bigExp)) + buy + other + loops * loopDays + cores
  's09rwd0yms': (v: any) => v.wait + v.Ht / (v.cap * power(Math.max(1, v.Ht / v.bigTool), v.bigExp)) + v.buy + v.other + v.loops * v.loopDays + v.cores,
  // fitUp * Ht / (cap * pow(max(1, Ht / bigTool), bigExp)) + loops * loopDays
  'n6lj1hddb5': (v: any) => v.fitUp * v.Ht / (v.cap * power(Math.max(1, v.Ht / v.bigTool), v.bigExp)) + v.loops * v.loopDays,
  // fitUp * Ht / (cap * pow(max(1, Ht / bigTool), bigExp)) + loops * loopDays + cores
  '3zv2i6vrf0': (v: any) => v.fitUp * v.Ht / (v.cap * power(Math.max(1, v.Ht / v.bigTool), v.bigExp)) + v.loops * v.loopDays + v.cores,
  // W * (lead + queue + hFO / shift) + pass
  'w6p1vm6hsc': (v: any) => v.W * (v.lead + v.queue + v.hFO / v.shift) + v.pass,
  // W * (lead + queue + few + hFO / shift) + pass
  'qsc4k5675f': (v: any) => v.W * (v.lead + v.queue + v.few + v.hFO / v.shift) + v.pass,
  // D1 + shut
  '7s8p2qgeyz': (v: any) => v.D1 + v.shut,
  // W * days
  'gqvhxj2n2r': (v: any) => v.W * v.days,
  // D1 + on(N - k) * W * (N - k) / good
  '17g4tnx4zsx': (v: any) => v.D1 + on(v.N - v.k) * v.W * (v.N - v.k) / v.good,
  // D1 + on(N - k) * (approve + pass + W * (N - k) / good)
  '6wnnmyvzwk': (v: any) => v.D1 + on(v.N - v.k) * (v.approve + v.pass + v.W * (v.N - v.k) / v.good),
  // D1 + on(N - k) * W * (N - k) / good + shut
  's94wty5iai': (v: any) => v.D1 + on(v.N - v.k) * v.W * (v.N - v.k) / v.good + v.shut,
  // D1 + on(N - k) * (approve + pass + W * (N - k) / good) + shut
  'tq5fse00d1': (v: any) => v.D1 + on(v.N - v.k) * (v.approve + v.pass + v.W * (v.N - v.k) / v.good) + v.shut,
  // good / W
  'b6nm47ny0': (v: any) => v.good / v.W,
  // perYear / good
  '127styqfl2d': (v: any) => v.perYear / v.good,
  // max(1, ceil(perYear * (minutes / 60) / (days * h * avail)))
  'gwssod1sdi': (v: any) => Math.max(1, ceilGuarded(v.perYear * (v.minutes / 60) / (v.days * v.h * v.avail))),
  // 1
  '15huygssbvg': (v: any) => 1,
  // min(most, units)
  '825a6ct5ps': (v: any) => Math.min(v.most, v.units),
  // ceil(units / shifts)
  '6ytuvwl666': (v: any) => ceilGuarded(v.units / v.shifts),
  // W * (queue + material + (hProg + nSet * hSetup) / (shift * avail) + N * minutes / 60 / (shift * avail * shifts * machines))
  'kfmuvzoapi': (v: any) => v.W * (v.queue + v.material + (v.hProg + v.nSet * v.hSetup) / (v.shift * v.avail) + v.N * v.minutes / 60 / (v.shift * v.avail * v.shifts * v.machines)),
  // max(1, ceil(perYear * ((1 + forms) * t / 3600) / (days * h * avail)))
  '111qxzzzkj8': (v: any) => Math.max(1, ceilGuarded(v.perYear * ((1 + v.forms) * v.t / 3600) / (v.days * v.h * v.avail))),
  // W * (buy + hours / cap + 3 + N * (1 + forms) * t / 3600 / (h * avail * shifts * presses))
  '9o8fey7czg': (v: any) => v.W * (v.buy + v.hours / v.cap + 3 + v.N * (1 + v.forms) * v.t / 3600 / (v.h * v.avail * v.shifts * v.presses)),
  // max(1, ceil(perYear * (t / 3600) / (days * h * avail)))
  '17vgy449ive': (v: any) => Math.max(1, ceilGuarded(v.perYear * (v.t / 3600) / (v.days * v.h * v.avail))),
  // W * (buy + hours / cap + 3 + N * t / 3600 / (h * avail * shifts * presses))
  'k4whhbmbzu': (v: any) => v.W * (v.buy + v.hours / v.cap + 3 + v.N * v.t / 3600 / (v.h * v.avail * v.shifts * v.presses)),
  // W * (lead + N * minutes / 60 / (h * avail * people))
  '11cm0xqkbte': (v: any) => v.W * (v.lead + v.N * v.minutes / 60 / (v.h * v.avail * v.people)),
};
void [ceilGuarded, least, most, on, power, sum];
