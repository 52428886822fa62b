import { Link } from 'react-router';
import type { SetupReport } from '#core/evaluate';
import { AXLES, type Setup } from '#core/job';
import { CostTable } from './CostTable';
import { ExtraFields } from './ExtraFields';
import { PriceEachFields } from './PriceEachFields';
import { OrderTools } from './OrderTools';
import { StockPanel } from './StockPanel';
import './cost.css';

/** What a setup costs, and the prices of its own parts. */
export const CostView = ({ setup, report }: { setup: Setup; report: SetupReport }) => (
  <div className="inner-view cost-view">
    <section className="cost-left" aria-label="Cost" tabIndex={0}>
      <CostTable cost={report.cost} />
      {report.cost.lines.length > 0 && (
        <>
          <StockPanel key={setup.id} setup={setup} />
          <OrderTools setup={setup.id} />
        </>
      )}
    </section>
    <form
      key={setup.id}
      className="inner-fields"
      aria-label={`Prices of setup ${setup.id.toUpperCase()}`}
      onSubmit={(event) => event.preventDefault()}
    >
      {AXLES.map((axle) => (
        <PriceEachFields key={axle} setup={setup} axle={axle} />
      ))}
      <ExtraFields setup={setup} />
      <p className="soft">
        Labor, mounting, sensors, shipping, tax: <Link to="/defaults">Shop defaults</Link>, or the brief for this job.
      </p>
    </form>
  </div>
);
