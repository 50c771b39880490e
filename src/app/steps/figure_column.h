#pragma once

#include "app/widgets/folding_column.h"

class QComboBox;
class QLineEdit;
class QVBoxLayout;

namespace lc::app {

class FigureDesk;
class Session;

/// What is to be said about the chosen figure: findings with remedies, where it would fit, the person's own limits,
/// care, and its way into the routine.
class FigureColumn : public FoldingColumn {
    Q_OBJECT
public:
    FigureColumn(FigureDesk& desk, Session& session, const Theme& theme, QWidget* parent = nullptr);
    /// Applies a remedy of a finding; both by ordinal.
    void apply(std::size_t finding, std::size_t remedy);
    /// Everything written in the column, for tests.
    [[nodiscard]] QString shown() const;

protected:
    [[nodiscard]] int open() const override;
    [[nodiscard]] int diamonds() const override;

private:
    void rebuild();
    void findings(QVBoxLayout* column, QWidget* page);
    void fits(QVBoxLayout* column, QWidget* page);
    void limits(QVBoxLayout* column, QWidget* page);
    void care(QVBoxLayout* column, QWidget* page);
    void counting(QVBoxLayout* column, QWidget* page);
    void intoTheRoutine(QVBoxLayout* column, QWidget* page);
    void duplicates(QVBoxLayout* column, QWidget* page);
    [[nodiscard]] QWidget* heading(const QString& text, const QString& right, QWidget* page) const;

    FigureDesk& m_desk;
    Session& m_session;
};

} // namespace lc::app
