/** The addresses of all screens. */
import { Route, Switch } from "wouter";
import { BeginScreen } from "./begin/BeginScreen";
import { BenchScreen } from "./bench/BenchScreen";
import { HistoryScreen } from "./history/HistoryScreen";
import { PieceScreen } from "./piece/PieceScreen";
import { PrintScreen } from "./print/PrintScreen";
import { KitScreen } from "./stock/KitScreen";
import { ShelfScreen } from "./stock/ShelfScreen";
import { Lost } from "./studio/Lost";
import { TableScreen } from "./table/TableScreen";
import { WorkScreen } from "./work/WorkScreen";

export function App() {
  return (
    <Switch>
      <Route path="/" component={BenchScreen} />
      <Route path="/begin" component={BeginScreen} />
      <Route path="/kit" component={KitScreen} />
      <Route path="/shelf" component={ShelfScreen} />
      <Route path="/piece/:id">{({ id }) => <PieceScreen key={id} id={id} />}</Route>
      <Route path="/piece/:id/print">{({ id }) => <PrintScreen key={id} id={id} />}</Route>
      <Route path="/piece/:id/steps">{({ id }) => <WorkScreen key={id} id={id} />}</Route>
      <Route path="/piece/:id/table">{({ id }) => <TableScreen key={id} id={id} />}</Route>
      <Route path="/piece/:id/history">{({ id }) => <HistoryScreen key={id} id={id} />}</Route>
      <Route>
        <Lost />
      </Route>
    </Switch>
  );
}
