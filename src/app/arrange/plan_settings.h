#pragma once

#include "app/base/theme.h"
#include "core/planning/plan_words.h"

#include <QWidget>

#include <map>
#include <string>
#include <vector>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QLineEdit;
class QMenu;
class QPushButton;
class QSpinBox;

namespace lc::app {

class Session;

/// What plans may do, what is wanted at the end, and how bad everything is: a column of fields, filled by presets.
class PlanSettings : public QWidget {
    Q_OBJECT
public:
    PlanSettings(Session& session, const Theme& theme, QWidget* parent = nullptr);
    void show(const RoutinePlanWishes& wishes); ///< costs and leave of a preset; what speaks of this routine stays
    /// As the fields say. Error: a field that cannot be read.
    [[nodiscard]] Result<RoutinePlanWishes> wishes() const;

Q_SIGNALS:
    void changed();

private:
    QLineEdit* lengths(const QString& label, const QString& tip, const char* object);
    QCheckBox* check(const QString& label, const QString& tip, const char* object);
    QComboBox* choice(const QString& label, const QString& tip, const char* object);
    QSpinBox* cost(const QString& name, const QString& object);
    void heading(const QString& text);
    void offerRoutine(); ///< its parts and figures in the choices

    Session& m_session;
    const Theme& m_theme;
    QFormLayout* m_form;
    QCheckBox *m_cuts, *m_versions, *m_figures, *m_bars, *m_feet;
    QLineEdit *m_tags, *m_waits, *m_bridges;
    QPushButton* m_fill;
    QMenu* m_fills;
    QComboBox *m_opening, *m_ending, *m_facing;
    std::map<std::string, QSpinBox*> m_costs; ///< by CostName::key
    QSpinBox* m_wrongFoot;
};

} // namespace lc::app
