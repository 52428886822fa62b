import { Link, NavLink } from 'react-router';
import { ThemeButton } from './TopStrip';
import { StripMenu } from './StripMenu';
import { UnitSwitch } from './UnitSwitch';

/** The strip above what belongs to the shop rather than to one job: the bench and the shelf. */
export const ShopStrip = ({ children }: { children: string }) => (
  <>
    <a className="skip-link" href="#page">
      To the page
    </a>
    <header className="strip">
      <Link to="/" className="brand" title="Back to the bench">
        scoval
      </Link>
      <span className="strip-brief">{children}</span>
      <StripMenu>
        <nav aria-label="Shop">
          <NavLink to="/" end className="strip-link">
            Bench
          </NavLink>
          <NavLink to="/shelf" className="strip-link">
            Shelf
          </NavLink>
          <NavLink to="/price-lists" className="strip-link">
            Price lists
          </NavLink>
          <NavLink to="/defaults" className="strip-link">
            Shop defaults
          </NavLink>
        </nav>
        <UnitSwitch />
        <ThemeButton />
      </StripMenu>
    </header>
  </>
);
