import type { InsulationResult, TestPreview } from '../api/types';
import { plain } from '../quantity/figures';

/** Index, leakage and dew point, each with what it is held against. */
export function InsulationFigures({ result, fit }: { result: InsulationResult; fit: TestPreview['fit'] }) {
  const curve = fit?.curve;
  return (
    <div className="grid3" style={{ marginTop: 6 }}>
      <div>
        <h3>Polarization index</h3>
        <span className="big">
          {result.polarizationIndex === null ? '–' : plain(result.polarizationIndex, 3)}
        </span>
        <span className="soft small">
          {result.polarizationIndex === null
            ? 'needs readings at 1 and 10 min, within range'
            : result.polarizationIndexJudged
              ? `${result.minimumPolarizationIndex} wanted`
              : 'not judged at this level: absorption is soon over'}
        </span>
      </div>
      <div>
        <h3>Leakage part after a minute</h3>
        <span className="big">{fit ? `${plain(fit.leakageSharePercent, 3)} %` : '–'}</span>
        <span className="soft small">
          {curve
            ? `fitted: ${plain(curve.absorptionMicroamp, 3)} µA·t^−${plain(curve.exponent, 2)} + ${plain(curve.leakageMicroamp, 3)} µA`
            : 'five readings within range fit the curve'}
        </span>
      </div>
      <div>
        <h3>Dew point</h3>
        <span className="big">{result.dewPointC === null ? '–' : `${plain(result.dewPointC, 3)} °C`}</span>
        <span className="soft small">
          {result.dewPointC === null
            ? 'air temperature and humidity not given'
            : 'the winding must be warmer'}
        </span>
      </div>
    </div>
  );
}
